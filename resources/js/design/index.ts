export { Button, ButtonLink } from './Button';
export { AnyOf, OneOf, type Option } from './Choice';
export { Entry, Hint, NoteEntry } from './Entry';
export { Columns, Figure, Page, Part, Quiet, Row, Said, Stack, TableFrame } from './layout';
export { Margin, MarginWord } from './Margin';
export { Notice } from './Notice';
export { Pick } from './Pick';
export { Sheet } from './Sheet';
export { color, GlobalStyle, narrow, space, touch, type, wide } from './theme';
