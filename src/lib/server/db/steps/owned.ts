import { DataTypes } from 'sequelize';

export const uuid = { type: DataTypes.UUID, allowNull: false };
export const instant = { type: DataTypes.DATE(3), allowNull: false };

/** Columns of a table of records: each belongs to an angler, counts its versions and is deleted softly. */
export const owned = {
	angler_id: {
		...uuid,
		primaryKey: true,
		references: { model: 'angler', key: 'id' },
		onDelete: 'CASCADE',
		onUpdate: 'CASCADE'
	},
	id: { ...uuid, primaryKey: true },
	version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
	document: { type: DataTypes.JSON, allowNull: false },
	created_at: instant,
	updated_at: instant,
	deleted_at: { type: DataTypes.DATE(3), allowNull: true }
};
