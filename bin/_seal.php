<?php

declare(strict_types=1);

// Seals what comes in, or opens what was sealed: php bin/_seal.php seal|open KEYFILE < in > out. Each piece of it is
// encrypted and signed (XChaCha20-Poly1305), and the last one says that it is the last: what is cut off is noticed.

const PIECE = 65_536;
const MARK = "honest-grain sealed 1\n";

function fail(string $why): never
{
    fwrite(STDERR, "$why\n");
    exit(1);
}

[, $do, $keyFile] = $argv + ['', '', ''];
$secret = is_readable($keyFile) ? trim((string) file_get_contents($keyFile)) : '';
strlen($secret) >= 20 || fail('The key is missing or short; it takes a file with twenty characters or more.');
$key = sodium_crypto_generichash($secret, '', SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES);
$last = SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL;

if ($do === 'seal') {
    [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($key);
    fwrite(STDOUT, MARK.$header);
    $piece = (string) stream_get_contents(STDIN, PIECE);
    do {
        $next = (string) stream_get_contents(STDIN, PIECE);
        $tag = $next === '' ? $last : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
        fwrite(STDOUT, sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $tag));
        $piece = $next;
    } while ($piece !== '');
    exit(0);
}

stream_get_contents(STDIN, strlen(MARK)) === MARK || fail('This is nothing that was sealed here.');
$header = (string) stream_get_contents(STDIN, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
strlen($header) === SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES || fail('It is cut off.');
$state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $key);
$whole = PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES;
do {
    $opened = sodium_crypto_secretstream_xchacha20poly1305_pull($state, (string) stream_get_contents(STDIN, $whole));
    $opened !== false || fail('It is damaged, cut off, or sealed with another key.');
    fwrite(STDOUT, $opened[0]);
} while ($opened[1] !== $last);
