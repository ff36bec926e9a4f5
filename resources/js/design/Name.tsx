import styled from 'styled-components';

/** A person's or a green's name, kept apart from the words around it whichever way it is written. */
export const Name = styled.bdi`
  overflow-wrap: anywhere;
`;
