// Presses that wait for the network, as the device keeps them: they outlive the page and the browser.

import { openDB } from 'idb';

const NAME = 'presses';

let opened;

const base = () =>
    (opened ??= openDB(NAME, 1, {
        upgrade: (db) => db.createObjectStore(NAME, { keyPath: 'id', autoIncrement: true }),
    }));

export const all = async () => (await base()).getAll(NAME);

export const keep = async (press) => (await base()).put(NAME, press);

export const drop = async (id) => (await base()).delete(NAME, id);
