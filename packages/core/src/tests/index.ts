export * from './analytic';
export * from './plainTissue';
export * from './proofs/cylinder';
export * from './proofs/flipping';
export * from './proofs/reference';
export * from './proofs/slab';
export * from './referenceCases';
export * from './steak';
