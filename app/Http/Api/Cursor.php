<?php

declare(strict_types=1);

namespace App\Http\Api;

use Illuminate\Support\Str;

/** The key of a row as a page of a list hands it out and takes it back: what it is sorted by, and its id. */
final class Cursor
{
    public static function of(string|int $key, string $id): string
    {
        return base64_encode((string) json_encode([$key, $id]));
    }

    /** @return array{string, string}|null of a list by words; null where it begins, or for what is no cursor of ours */
    public static function byWords(string $cursor): ?array
    {
        [$key, $id] = self::parts($cursor);

        return is_string($key) && $id !== '' ? [$key, $id] : null;
    }

    /** @return array{int, string}|null of a list by numbers */
    public static function byNumber(string $cursor): ?array
    {
        [$key, $id] = self::parts($cursor);

        return is_int($key) && abs($key) < 2 ** 31 && $id !== '' ? [$key, $id] : null;
    }

    /** @return array{mixed, string} the key and the id of the last row; an empty id for what is no cursor of ours */
    private static function parts(string $cursor): array
    {
        $parts = json_decode(base64_decode($cursor, true) ?: 'null');
        $isOurs = is_array($parts) && array_is_list($parts) && count($parts) === 2 && Str::isUuid($parts[1])
            && ! (is_string($parts[0]) && str_contains($parts[0], "\0"));

        return $isOurs ? [$parts[0], $parts[1]] : [null, ''];
    }
}
