<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\OwnTags;

/** Which lines of a file are not of the standard, and their declaration in the head: version 7, section 3.2.1, HEAD.SCHMA. */
final class SchemaDeclarations
{
    private const OURS = 'https://north-bough.example/gedcom/';

    private const UNKNOWN = 'https://north-bough.example/gedcom/not-ours/';

    /** @var array<string, true> */
    private array $met = [];

    public function note(string $lines): void
    {
        if (str_contains($lines, ' _')) {
            preg_match_all('/^\d+ (?:@[^@]+@ )?(_[A-Za-z0-9_]+)/m', $lines, $m);
            $this->met += array_fill_keys($m[1], true);
        }
    }

    /** The head with what it does not declare yet. */
    public function declared(string $head): string
    {
        preg_match_all('/^2 TAG (\S+) /m', $head, $m);
        $missing = array_diff(array_map(strval(...), array_keys($this->met)), $m[1]);
        sort($missing);
        if ($missing === []) {
            return $head;
        }
        $lines = implode('',
            array_map(static fn (string $tag): string => "2 TAG {$tag} ".(OwnTags::isOurs($tag) ? self::OURS : self::UNKNOWN)."{$tag}\n",
                $missing));

        return preg_match('/^1 SCHMA\n(?:2 .*\n(?:[3-9] .*\n)*)*/m', $head, $schema) === 1
            ? str_replace($schema[0], $schema[0].$lines, $head)
            : (string) preg_replace_callback('/^1 GEDC\n(?:[2-9] .*\n)*/m',
                static fn (array $gedc): string => "{$gedc[0]}1 SCHMA\n{$lines}", $head, 1);
    }
}
