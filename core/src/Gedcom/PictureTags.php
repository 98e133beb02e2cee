<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** What may stand under a picture and under a link to one, so that it is taken whole: the standard's own lines and ours, docs/extensions.md. */
final class PictureTags
{
    private const BENEATH = ['OBJE' => ['FILE', '_REGION'], 'FILE' => ['FORM', 'TITL'], 'FORM' => ['MEDI', 'TYPE'], '_REGION' => ['_WHO', '_SAYS']];

    /** A record of one file that holds nothing else. */
    public static function isPlainRecord(Structure $record): bool
    {
        $files = array_filter($record->children, static fn (Structure $s): bool => $s->tag === 'FILE');

        return $record->tag === 'OBJE' && $record->pointer !== '' && $record->payload === '' && count($files) === 1 && self::holdsOnly($record);
    }

    /** A link that says no more than which picture it is, that it is the main one, and what is cut out of it. */
    public static function isPlainLink(Structure $link): bool
    {
        foreach ($link->children as $child) {
            if ($child->isPointer || $child->children !== [] || ! in_array($child->tag, ['_MAIN', '_CUT'], true) || ($child->tag === '_CUT' && self::part($child->payload) === null)) {
                return false;
            }
        }

        return $link->tag === 'OBJE' && $link->isPointer;
    }

    /**
     * Part of a page in words: its number from 1, then left, top, width and height.
     *
     * @return array{page: int, left: float, top: float, width: float, height: float}|null null where they are no such words
     */
    public static function part(string $said): ?array
    {
        if (preg_match('/^(\d{1,5})((?: [01]\.\d{1,9}){4})$/', $said, $m) !== 1) {
            return null;
        }
        [$left, $top, $width, $height] = array_map(floatval(...), explode(' ', trim($m[2])));

        return ['page' => max(0, (int) $m[1] - 1), 'left' => $left, 'top' => $top, 'width' => $width, 'height' => $height];
    }

    /** @param  array{page: int, left: float, top: float, width: float, height: float}  $part */
    public static function inWords(array $part): string
    {
        return ($part['page'] + 1).implode('', array_map(static fn (string $side): string => sprintf(' %.6F', $part[$side]), ['left', 'top', 'width', 'height']));
    }

    private static function holdsOnly(Structure $structure): bool
    {
        foreach ($structure->children as $child) {
            if ($child->isPointer !== ($child->tag === '_WHO') || ! in_array($child->tag, self::BENEATH[$structure->tag] ?? [], true) || ! self::holdsOnly($child)
                || ($child->tag === '_REGION' && self::part($child->payload) === null)) {
                return false;
            }
        }

        return true;
    }
}
