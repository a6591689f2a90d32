export * from './cookForeign';
export * from './foreignKitchen';
export * from './foreignPiece';
