<h1>What does my own record show?</h1>
