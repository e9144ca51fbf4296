<?php

declare(strict_types=1);

// As much of an object store as photographs need, for the checks: php -S HOST:PORT tests/objects.php, with the folder
// that its objects lie in as FOLDER. Who does not sign what they ask is refused.

$folder = (string) getenv('FOLDER');
if (! str_starts_with($_SERVER['HTTP_AUTHORIZATION'] ?? '', 'AWS4-HMAC-SHA256 Credential=a-key/')) {
    http_response_code(403);
    exit;
}
$asked = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
[, $bucket, $key] = explode('/', $asked, 3) + ['', '', ''];
$path = "$folder/$bucket/".str_replace('/', '%', $key);
$method = $_SERVER['REQUEST_METHOD'];
$xml = function (string $body): never {
    header('Content-Type: application/xml');
    exit('<?xml version="1.0" encoding="UTF-8"?>'.$body);
};
is_dir("$folder/$bucket") || mkdir("$folder/$bucket", 0700, true);
if ($method === 'PUT') {
    file_put_contents($path, file_get_contents('php://input'));
    header('ETag: "'.md5_file($path).'"');
} elseif ($method === 'POST' && isset($_GET['delete'])) {
    preg_match_all('~<Key>([^<]+)</Key>~', (string) file_get_contents('php://input'), $keys);
    array_map(fn (string $one): bool => @unlink("$folder/$bucket/".str_replace('/', '%', $one)), $keys[1]);
    $xml('<DeleteResult/>');
} elseif ($method === 'GET' && $key === '') {
    $rows = '';
    foreach (glob("$folder/$bucket/*") ?: [] as $file) {
        $name = str_replace('%', '/', basename($file));
        if (str_starts_with($name, $_GET['prefix'] ?? '')) {
            $rows .= "<Contents><Key>$name</Key><Size>".filesize($file).'</Size><LastModified>2026-12-01T00:00:00.000Z'
                .'</LastModified></Contents>';
        }
    }
    $xml("<ListBucketResult><Name>$bucket</Name><IsTruncated>false</IsTruncated>$rows</ListBucketResult>");
} elseif ($method === 'DELETE') {
    @unlink($path);
    http_response_code(204);
} elseif (is_file($path)) {
    header('Content-Type: image/jpeg');
    header('Content-Length: '.filesize($path));
    $method === 'HEAD' || readfile($path);
} else {
    http_response_code(404);
}
