<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Structure;

/**
 * The part of a file that somebody wanted: so many generations up and down from one person, with partners, and with the
 * other children of the ancestors. Sources, pictures and notes come along where one of these points at them.
 */
final class FileSubset
{
    /** Records that are nobody's and come only where they are pointed at. */
    private const HANGING = ['SOUR', 'REPO', 'OBJE', 'NOTE', 'SNOTE', 'SUBM', 'SUBN'];

    private int $people = 0;

    private int $records = 0;

    private int $lines = 0;

    /** @param  array<string, true>  $in  pointers of all records that come */
    private function __construct(private array $in, private readonly FileKinship $kin)
    {
    }

    /**
     * @param  callable(): iterable<Structure>  $records  those of the whole file, each time it is called
     * @param  string  $start  the pointer of a person
     *
     * @throws NotReadable when there is no such person
     */
    public static function around(callable $records, string $start, int $generations): self
    {
        $kin = FileKinship::in($records());
        if (! $kin->has($start)) {
            throw NotReadable::nobody($start);
        }
        $people = $kin->around($start, $generations);
        $in = $people + $kin->families($people);
        $part = new self($in, $kin);
        $reached = [];
        $hanging = [];
        foreach ($records() as $record) {
            if ($part->comes($record)) {
                $part->in += $record->pointer === '' ? [] : [$record->pointer => true];
                $reached += self::pointers($record);
            } elseif (in_array($record->tag, self::HANGING, true)) {
                $hanging[$record->pointer] = ($hanging[$record->pointer] ?? []) + self::pointers($record);
            }
        }
        while (($new = array_intersect_key(array_diff_key($hanging, $part->in), $reached)) !== []) {
            foreach ($new as $pointer => $pointers) {
                $part->in[$pointer] = true;
                $reached += $pointers;
            }
        }

        return $part;
    }

    /**
     * @param  iterable<Structure>  $records
     * @return \Generator<int, Structure> those that come, without the lines that point at what stays
     */
    public function of(iterable $records): \Generator
    {
        [$this->people, $this->records, $this->lines] = [0, 0, 0];
        foreach ($records as $record) {
            if ($this->comes($record)) {
                yield $this->pruned($record);
            } elseif ($record->tag === 'INDI') {
                $this->people++;
            } else {
                $this->records++;
            }
        }
    }

    /** Of the last time that it was gone through. */
    public function leftOut(): ImportExclusions
    {
        return new ImportExclusions($this->people, $this->records, $this->lines);
    }

    /** Whatever is neither kin nor hangs on somebody comes where it is about nobody who stays outside. */
    private function comes(Structure $record): bool
    {
        return isset($this->in[$record->pointer])
            || (! in_array($record->tag, ['INDI', 'FAM', ...self::HANGING], true)
                && array_filter(array_keys(array_diff_key(self::pointers($record), $this->in)), $this->kin->isKin(...)) === []);
    }

    private function pruned(Structure $structure): Structure
    {
        $pruned = new Structure($structure->tag, $structure->payload, $structure->pointer, $structure->line, $structure->isPointer);
        foreach ($structure->children as $child) {
            if ($child->isPointer && $child->payload !== '@VOID@' && ! isset($this->in[$child->payload])) {
                $this->lines++;
            } else {
                $pruned->add($this->pruned($child));
            }
        }

        return $pruned;
    }

    /** @return array<string, true> */
    private static function pointers(Structure $structure): array
    {
        $pointers = $structure->isPointer && $structure->payload !== '@VOID@' ? [$structure->payload => true] : [];
        foreach ($structure->children as $child) {
            $pointers += self::pointers($child);
        }

        return $pointers;
    }
}
