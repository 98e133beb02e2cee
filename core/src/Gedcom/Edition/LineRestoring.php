<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\OwnTags;
use NorthBough\Core\Gedcom\Structure;

/**
 * Puts back what Translator moved out of the way of a version: the other way round, told by the lines _NB_WAS. A tag alone
 * is what the line above it was.
 */
final class LineRestoring
{
    public static function restored(Structure $record): Structure
    {
        $record->children = array_map(self::restored(...), $record->children);
        $rest = [];
        $paths = [];
        foreach ($record->children as $child) {
            $path = self::path($child);
            if ($path === null) {
                $rest[] = $child;
            } else {
                $paths[] = [$path, $child];
            }
        }
        $record->children = $rest;
        // From the last on, so that the places of those before it still hold.
        foreach (array_reverse($paths) as [$path, $told]) {
            if (preg_match('/^[A-Z]{3,5}$/', $path) === 1) {
                $record = self::called($path, $record, false);
            } elseif (str_starts_with($path, '=')) {
                $record->payload = $told->tag === Translator::MARK ? substr($path, 1) : $told->payload;
            } elseif (! self::follow($record, explode('/', $path))) {
                $record->children[] = $told;
            }
        }

        return $record;
    }

    /** Where something was moved to, where a line tells that and no more. */
    private static function path(Structure $line): ?string
    {
        return match (true) {
            $line->tag === Translator::MARK && $line->children === [] => $line->payload,
            $line->tag === 'NOTE' && ! $line->isPointer && count($line->children) === 1
                && $line->children[0]->tag === Translator::MARK => $line->children[0]->payload,
            default => null,
        };
    }

    /** @param  non-empty-list<string>  $path */
    private static function follow(Structure $at, array $path): bool
    {
        $step = array_shift($path);
        if (str_starts_with($step, '-')) {
            return self::drop($at, substr($step, 1));
        }
        $isVoid = str_ends_with($step, '@');
        $isBeside = str_ends_with(rtrim($step, '@'), '!');
        [$tag, $number] = [...explode('.', rtrim($step, '@!')), '1'];
        $seen = 0;
        foreach ($at->children as $place => $child) {
            if (! OwnTags::areSame($child->tag, $tag) || ++$seen !== (int) $number) {
                continue;
            }
            if ($path !== []) {
                return self::follow($child, $path);
            }
            $at->children[$place] = self::called(OwnTags::bare($tag), $child, $isVoid);
            if ($isBeside && ($at->children[$place - 1]->tag ?? '') === OwnTags::bare($tag)) {
                array_splice($at->children, $place - 1, 1);
            }

            return true;
        }

        return false;
    }

    private static function drop(Structure $at, string $tag): bool
    {
        foreach ($at->children as $place => $child) {
            if ($child->tag === $tag && $child->children === []) {
                array_splice($at->children, $place, 1);

                return true;
            }
        }

        return false;
    }

    private static function called(string $tag, Structure $line, bool $isVoid): Structure
    {
        $restored = new Structure($tag, $isVoid ? '@VOID@' : $line->payload, $line->pointer, $line->line, $isVoid || $line->isPointer);
        $restored->children = $line->children;

        return $restored;
    }
}
