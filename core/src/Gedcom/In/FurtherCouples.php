<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Structure;

/**
 * Families of a file with more than two partners, of which the standard has two: whoever is named further makes a couple
 * of their own with the first partner of the other slot. Children and events stay with the first two.
 */
final class FurtherCouples
{
    private const SLOTS = ['HUSB', 'WIFE'];

    /**
     * @var array<string, list<array{string, string, string, string}>> by family: new family, slot and person, the partner
     *     whom they are with
     */
    private array $couples = [];

    /** @param  callable(Remark): void  $remark */
    private function __construct(private $remark)
    {
    }

    public static function isTold(Structure $record): bool
    {
        return $record->tag === 'FAM' && count(self::partners($record)) > 2;
    }

    /**
     * @param  iterable<Structure>  $records  of the whole file
     * @param  callable(Remark): void  $remark
     */
    public static function among(iterable $records, callable $remark): self
    {
        $further = new self($remark);
        $families = [];
        $taken = [];
        foreach ($records as $record) {
            $taken[$record->pointer] = true;
            if (self::isTold($record)) {
                $families[$record->pointer] ??= self::partners($record);
            }
        }
        foreach ($families as $pointer => $partners) {
            foreach (array_slice(array_keys($partners), 2) as $number => $person) {
                [$slot] = $partners[$person];
                $with = array_key_first(array_filter($partners, static fn (array $partner): bool => $partner[0] !== $slot))
                    ?? array_key_first($partners);
                for ($at = $number + 2; isset($taken[$new = substr((string) $pointer, 0, -1)."_{$at}@"]); $at++) {
                }
                $taken[$new] = true;
                $further->couples[$pointer][] = [$new, $slot, (string) $person, (string) $with];
            }
        }

        return $further;
    }

    /** @return non-empty-list<Structure> the record, and the couples that it tells besides */
    public function split(Structure $record): array
    {
        if ($this->couples === []) {
            return [$record];
        }

        return match ($record->tag) {
            'FAM' => [$this->withTwo($record),
                ...array_map(static fn (array $couple): Structure => self::couple($record, $couple),
                    $this->couples[$record->pointer] ?? [])],
            'INDI' => [$this->inTheirCouple($record)],
            default => [$record],
        };
    }

    private function withTwo(Structure $family): Structure
    {
        $further = array_column($this->couples[$family->pointer] ?? [], null, 2);

        return $further === [] ? $family : self::each($family, function (Structure $line) use ($further, $family): ?Structure {
            $couple = in_array($line->tag, self::SLOTS, true) ? $further[$line->payload] ?? null : null;
            if ($couple === null) {
                return $line;
            }
            ($this->remark)(
                Remark::mended($line->line, "{$line->tag} {$line->payload}",
                    "is a third partner in {$family->pointer}; with {$couple[3]} they are a couple of their own here, {$couple[0]}",
                    isPlaced: true));

            return null;
        });
    }

    private function inTheirCouple(Structure $person): Structure
    {
        return self::each($person, function (Structure $line) use ($person): Structure {
            foreach ($line->tag === 'FAMS' ? $this->couples[$line->payload] ?? [] : [] as [$new, , $partner]) {
                if ($partner === $person->pointer) {
                    $changed = Structure::pointing('FAMS', $new);
                    $changed->children = $line->children;

                    return $changed;
                }
            }

            return $line;
        });
    }

    /** @param  array{string, string, string, string}  $partner */
    private static function couple(Structure $family, array $partner): Structure
    {
        [$new, $slot, $person, $with] = $partner;
        $couple = new Structure('FAM', '', $new, $family->line);
        $otherSlot = $slot === 'HUSB' ? 'WIFE' : 'HUSB';
        foreach ($slot === 'HUSB' ? [[$slot, $person], [$otherSlot, $with]] : [[$otherSlot, $with], [$slot, $person]] as [$tag, $who]) {
            $couple->add(Structure::pointing($tag, $who));
        }

        return $couple;
    }

    /** @return array<string, array{string}> slot by person, in the order of the family */
    private static function partners(Structure $family): array
    {
        $partners = [];
        foreach ($family->children as $line) {
            if (in_array($line->tag, self::SLOTS, true) && $line->isPointer && $line->payload !== '@VOID@') {
                $partners[$line->payload] ??= [$line->tag];
            }
        }

        return $partners;
    }

    /** @param  callable(Structure): ?Structure  $with  null for a line that goes */
    private static function each(Structure $record, callable $with): Structure
    {
        $changed = new Structure($record->tag, $record->payload, $record->pointer, $record->line, $record->isPointer);
        $changed->children = array_values(array_filter(array_map($with, $record->children)));

        return $changed;
    }
}
