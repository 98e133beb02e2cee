<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/**
 * Judges a file by the tables of its version: no line that the version does not have, none missing, each saying what it
 * may. It reads lines by itself and shares nothing with the reader and the writer that it judges. Lines that begin with an
 * underscore may stand anywhere, with whatever is beneath them; version 7 asks that the head declares them.
 */
final class Checker
{
    /** @var list<string> */
    private array $faults = [];

    /** @var array<string, true> */
    private array $declared = [];

    /** @var array<string, true> */
    private array $own = [];

    /** @var array<string, string> tag of each record by pointer */
    private array $records = [];

    /** @var list<array{string, string}> where something points at, and at what */
    private array $pointing = [];

    private function __construct(private readonly Grammar $grammar)
    {
    }

    /** @return list<string> what is wrong, each with the lines that lead to it */
    public static function faults(string $file): array
    {
        $isSeven = preg_match('/^2 VERS 7/m', substr($file, 0, 5000)) === 1;
        $checker = new self($isSeven ? new Seven : new FiveFiveOne);
        $records = $checker->tree($file);
        foreach ($records as $record) {
            $checker->record($record);
        }
        foreach ($checker->pointing as [$where, $at]) {
            if ($at !== '@VOID@' && ! isset($checker->records[$at])) {
                $checker->faults[] = "{$where}: {$at} is nowhere in the file";
            }
        }
        if ($isSeven) {
            foreach (array_keys(array_diff_key($checker->own, $checker->declared)) as $tag) {
                $checker->faults[] = "{$tag} is not declared in the head";
            }
        }
        $tags = array_column($records, 'tag');
        if (($tags[0] ?? '') !== 'HEAD' || end($tags) !== 'TRLR' || count(array_keys($tags, 'HEAD', true)) !== 1
            || count(array_keys($tags, 'TRLR', true)) !== 1) {
            $checker->faults[] = 'the file does not begin with HEAD and end with TRLR';
        }

        return $checker->faults;
    }

    /** @return list<Node> */
    private function tree(string $file): array
    {
        $root = new Node('', '', '');
        $open = [$root];
        foreach (explode("\n", rtrim((string) preg_replace('/^\xEF\xBB\xBF/', '', $file), "\n")) as $number => $line) {
            $at = $number + 1;
            if (preg_match('/^(0|[1-9]\d?) (?:(@[^@]+@) )?([A-Za-z0-9_]+)(?: (.*))?$/s', $line, $m) !== 1) {
                $this->faults[] = "line {$at}: “{$line}” is no line";

                continue;
            }
            if ($this->grammar->hasConc() && mb_strlen($line) > 255) {
                $this->faults[] = "line {$at} is longer than 255 letters";
            }
            [$level, $tag, $payload] = [(int) $m[1], $m[3], $m[4] ?? ''];
            if (! isset($open[$level])) {
                $this->faults[] = "line {$at}: “{$line}” jumps a level";
            } elseif ($tag === 'CONT' || $tag === 'CONC') {
                if ($tag === 'CONC' && ! $this->grammar->hasConc()) {
                    $this->faults[] = "line {$at}: this version has no CONC";
                }
                $open[$level]->payload .= ($tag === 'CONT' ? "\n" : '').$payload;
            } else {
                $open[$level]->children[] = $node = new Node($tag, $m[2], $payload);
                $open = [...array_slice($open, 0, $level + 1), $node];
            }
        }

        return $root->children;
    }

    private function record(Node $record): void
    {
        $where = trim("{$record->pointer} {$record->tag}");
        $needsPointer = ! in_array($record->tag, ['HEAD', 'TRLR'], true) && ! str_starts_with($record->tag, '_');
        if ($record->pointer !== '') {
            if (isset($this->records[$record->pointer])) {
                $this->faults[] = "{$where}: two records have this pointer";
            }
            $this->records[$record->pointer] = $record->tag;
            if (preg_match($this->grammar->pointer(), $record->pointer) !== 1) {
                $this->faults[] = "{$where}: this version has no such pointer";
            }
        } elseif ($needsPointer) {
            $this->faults[] = "{$where}: a record without a pointer";
        }
        if (str_starts_with($record->tag, '_')) {
            $this->extension($record);

            return;
        }
        $kind = $this->grammar->records()[$record->tag] ?? null;
        if ($kind === null) {
            $this->faults[] = "{$where}: this version has no such record";

            return;
        }
        $this->structure($record, $kind, $where);
    }

    private function structure(Node $structure, string $kind, string $where): void
    {
        $payload = $structure->payload;
        $isPointer = preg_match('/^@[^@#\s][^@]*@$/', $payload) === 1;
        if ($isPointer) {
            $this->pointing[] = [$where, $payload];
        }
        if (preg_match($this->grammar->payload($kind), $payload) !== 1) {
            $this->faults[] = "{$where}: “{$payload}” is no {$kind} of this version";
        }
        $allowed = [];
        foreach (preg_split('/ /', $this->grammar->lines($kind), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $line) {
            [$tag, $as] = [...explode(':', rtrim($line, '!?+')), null];
            $allowed[(string) $tag] = [$as ?? (string) $tag, strpbrk($line, '!?+') ?: ''];
        }
        $count = [];
        foreach ($structure->children as $child) {
            $tag = $child->tag;
            if (str_starts_with($tag, '_')) {
                $this->extension($child);

                continue;
            }
            $count[$tag] = ($count[$tag] ?? 0) + 1;
            if (! isset($allowed[$tag])) {
                $this->faults[] = "{$where}.{$tag}: this version has no such line there";
            } else {
                $this->structure($child, $allowed[$tag][0], "{$where}.{$tag}");
            }
        }
        foreach ($allowed as $tag => [, $many]) {
            $there = $count[$tag] ?? 0;
            if (($many === '!' && $there !== 1) || ($many === '?' && $there > 1) || ($many === '+' && $there === 0)) {
                $this->faults[] = "{$where}.{$tag} stands there {$there} times";
            }
        }
        if ($kind === 'SCHMA') {
            foreach ($structure->children as $child) {
                $this->declared[explode(' ', $child->payload)[0]] = true;
            }
        }
    }

    private function extension(Node $structure): void
    {
        if (str_starts_with($structure->tag, '_')) {
            $this->own[$structure->tag] = true;
        }
        if (preg_match('/^@[^@#\s][^@]*@$/', $structure->payload) === 1) {
            $this->pointing[] = [$structure->tag, $structure->payload];
        }
        foreach ($structure->children as $child) {
            $this->extension($child);
        }
    }
}
