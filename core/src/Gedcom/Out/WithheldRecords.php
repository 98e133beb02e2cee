<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use Closure;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\PictureRegion;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Tree\Restriction;

/** Whole records that do not leave with a file, and the lines that point at them. */
final class WithheldRecords
{
    /** @var array<string, true>|null */
    private ?array $pictures = null;

    /** @var array<string, true>|null */
    private ?array $pointers = null;

    /** @param  Closure(string): bool  $isLiving told the id of a person */
    public function __construct(private readonly TreeRows $rows, private readonly Closure $isLiving)
    {
    }

    /** A picture cannot be read: one leaves only when it is on somebody, and on nobody living. */
    public function leaves(PictureRow $picture): bool
    {
        $on = [...$picture->on, ...array_filter(array_map(static fn (PictureRegion $r): ?string => $r->personId, $picture->regions))];

        return ! Restriction::fromStandard($picture->restriction)->withholds() && $on !== []
            && array_filter($on, $this->isLiving) === [];
    }

    /** @return array<string, true> pictures that stay at home, by id */
    public function pictures(): array
    {
        if ($this->pictures === null) {
            $this->pictures = [];
            foreach ($this->rows->pictures() as $picture) {
                $this->pictures += $this->leaves($picture) ? [] : [$picture->id => true];
            }
        }

        return $this->pictures;
    }

    public static function isRestricted(KeptRow $record): bool
    {
        return preg_match('/^1 RESN .*(?:CONFIDENTIAL|PRIVACY)/mi', $record->lines) === 1;
    }

    /** Lines of a file without those that point at what stays at home, and what stands beneath them. */
    public function linesWithout(string $lines): string
    {
        if (! str_contains($lines, ' @')) {
            return $lines;
        }
        $left = '';
        $dropping = null;
        foreach (preg_split('/(?<=\n)/', $lines, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $line) {
            $level = (int) $line;
            $dropping = $dropping !== null && $level > $dropping ? $dropping : null;
            $isLink = $dropping === null && preg_match('/^\d+ \w+ (@[^@]+@)$/', rtrim($line, "\n"), $m) === 1;
            if ($isLink && isset($this->pointers()[$m[1]])) {
                $dropping = $level;
            }
            $left .= $dropping === null ? $line : '';
        }

        return $left;
    }

    /** @return array<string, true> */
    private function pointers(): array
    {
        if ($this->pointers === null) {
            $ids = array_map(strval(...), array_keys($this->pictures()));
            foreach ($this->rows->otherRecords() as $record) {
                $record->pointer !== '' && self::isRestricted($record) && $ids[] = $record->id;
            }
            $this->pointers = array_fill_keys(array_map($this->rows->pointers()->of(...), $ids), true);
        }

        return $this->pointers;
    }
}
