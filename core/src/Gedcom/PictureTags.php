<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Tree\Restriction;

/**
 * What is understood of a picture and of a link to one: the standard's own lines and ours, docs/extensions.md. All else is
 * kept beside it.
 */
final class PictureTags
{
    /** The form of a file, and the medium beneath it: TYPE in 5.5.1, MEDI in version 7. */
    private const MEDIUM = ['MEDI', 'TYPE'];

    public static function isRecord(Structure $record): bool
    {
        return $record->tag === 'OBJE' && $record->pointer !== '' && $record->payload === '' && $record->first('FILE') !== null;
    }

    /** Whether what it says of its form is what there are fields for. */
    public static function hasPlainForm(Structure $file): bool
    {
        $forms = array_values(array_filter($file->children, static fn (Structure $child): bool => $child->tag === 'FORM'));
        $inside = $forms[0]->children ?? [];

        return count($forms) < 2 && count($inside) < 2
            && array_filter($inside,
                static fn (Structure $structure): bool => ! in_array($structure->tag, self::MEDIUM, true) || $structure->children !== []
                    || $structure->isPointer) === [];
    }

    public static function isLink(Structure $link): bool
    {
        return $link->tag === 'OBJE' && $link->isPointer;
    }

    /**
     * The lines beneath a picture that have no field, each with its place.
     *
     * @param  Structure  $file  the FILE that is taken
     * @return list<array{int, string}>
     */
    public static function keptOfRecord(Structure $record, Structure $file): array
    {
        return self::kept($record, static fn (Structure $child): bool => $child === $file || self::isRegion($child));
    }

    /** @return list<array{int, string}> */
    public static function keptOfFile(Structure $file): array
    {
        $seen = [];

        return self::kept($file, static function (Structure $child) use (&$seen): bool {
            $isOnly = ! isset($seen[$child->tag]) && ! $child->isPointer;
            $seen[$child->tag] = true;

            return $child->tag === 'FORM' || ($isOnly && $child->tag === 'TITL' && $child->children === []);
        });
    }

    /** @return list<array{int, string}> */
    public static function keptOfLink(Structure $link): array
    {
        $seen = [];

        return self::kept($link, static function (Structure $child) use (&$seen): bool {
            $isOurs = ! isset($seen[$child->tag]) && ! $child->isPointer && $child->children === []
                && ($child->tag === '_NB_MAIN' || ($child->tag === '_NB_CUT' && self::part($child->payload) !== null));
            $seen[$child->tag] = true;

            return $isOurs;
        });
    }

    /**
     * What is asked of a picture, of the lines that are kept of it.
     *
     * @param  list<array{int, string}>  $kept
     */
    public static function restriction(array $kept): string
    {
        foreach ($kept as [, $lines]) {
            if (preg_match('/^0 _?RESN (.*)\n$/', $lines, $m) === 1 && Restriction::isKnown($m[1])) {
                return Restriction::fromStandard($m[1])->words();
            }
        }

        return '';
    }

    /**
     * The kept lines with what is asked of the picture now: as the file said it while that means the same. 5.5.1 has no
     * such line under a picture; there it stands under a tag of our own.
     *
     * @param  list<array{int, string}>  $kept
     * @return list<array{int, string}>
     */
    public static function restricted(array $kept, string $restriction, Version $version): array
    {
        if (self::restriction($kept) === $restriction) {
            return $kept;
        }
        $rest = array_values(
            array_filter($kept,
                static fn (array $keptLines): bool => preg_match('/^0 _?RESN (.*)\n$/', $keptLines[1], $m) !== 1
                    || ! Restriction::isKnown($m[1])));

        return $restriction === '' ? $rest
            : [...$rest, [PHP_INT_MAX, $version === Version::V7 ? '0 RESN '.strtoupper($restriction)."\n" : "0 _NB_RESN {$restriction}\n"]];
    }

    public static function isRegion(Structure $line): bool
    {
        if ($line->tag !== '_NB_REGION' || self::part($line->payload) === null) {
            return false;
        }
        foreach ($line->children as $child) {
            if ($child->children !== [] || $child->isPointer !== ($child->tag === '_NB_WHO')
                || ! in_array($child->tag, ['_NB_WHO', '_NB_SAYS'], true)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Part of a page in words: its number from 1, then left, top, width and height.
     *
     * @return array{page: int, left: float, top: float, width: float, height: float}|null null where they are no such words
     */
    public static function part(string $payload): ?array
    {
        if (preg_match('/^(\d{1,5})((?: [01]\.\d{1,9}){4})$/', $payload, $m) !== 1) {
            return null;
        }
        [$left, $top, $width, $height] = array_map(floatval(...), explode(' ', trim($m[2])));

        return ['page' => max(0, (int) $m[1] - 1), 'left' => $left, 'top' => $top, 'width' => $width, 'height' => $height];
    }

    /** @param  array{page: int, left: float, top: float, width: float, height: float}  $part */
    public static function inWords(array $part): string
    {
        return ($part['page'] + 1)
            .implode('', array_map(static fn (string $side): string => sprintf(' %.6F', $part[$side]), ['left', 'top', 'width', 'height']));
    }

    /**
     * @param  callable(Structure): bool  $isUnderstood
     * @return list<array{int, string}>
     */
    private static function kept(Structure $line, callable $isUnderstood): array
    {
        $kept = [];
        foreach ($line->children as $ordinal => $child) {
            if (! $isUnderstood($child)) {
                $kept[] = [$ordinal, LineWriter::kept($child)];
            }
        }

        return $kept;
    }
}
