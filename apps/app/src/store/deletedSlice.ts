import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The cook that was deleted last, while it can be restored. */
export interface DeletedState {
  readonly last: { readonly id: string; readonly title: string } | undefined;
}

export const deletedSlice = createSlice({
  name: 'deleted',
  initialState: (): DeletedState => ({ last: undefined }),
  reducers: {
    cookDeleted: (
      _state,
      { payload }: PayloadAction<{ readonly id: string; readonly title: string }>,
    ): DeletedState => ({ last: payload }),
    deletionSettled: (): DeletedState => ({ last: undefined }),
  },
});
export const { cookDeleted, deletionSettled } = deletedSlice.actions;
