<?php

declare(strict_types=1);

namespace App\Http\Api;

/** The key of a row as a page of a list hands it out and takes it back: what it is sorted by, and its id. */
final class Cursor
{
    public static function of(string|int $key, string $id): string
    {
        return base64_encode((string) json_encode([$key, $id]));
    }

    /** @return array{string|int, string}|null null where the list begins, or for what is no cursor of ours */
    public static function read(string $cursor): ?array
    {
        $key = json_decode(base64_decode($cursor, true) ?: 'null');

        return is_array($key) && count($key) === 2 && (is_string($key[0]) || is_int($key[0])) && is_string($key[1]) ? [$key[0], $key[1]] : null;
    }
}
