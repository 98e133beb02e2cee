<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\RecordTags;
use NorthBough\Core\Gedcom\SlotTags;
use NorthBough\Core\Gedcom\Structure;

/**
 * The first pass over a file: which records there are, and who is tied to whom, so that the second pass can write
 * every tie once although the standard tells it twice, in any order.
 *
 * It holds every pointer of the file, so it is packed: pointers become small numbers, a tie is one integer under one
 * integer key.
 */
final class Survey
{
    private const CHILD = 0;

    private const PARTNER = 1;

    private const TAGS = ['' => 0, 'INDI' => 1, 'FAM' => 2, 'SOUR' => 3, 'REPO' => 4, 'other' => 5];

    /** Bits of a tie: told by the family (its ordinal above them), told by the person, and whether the slot is WIFE. */
    private const BY_FAMILY = 1;

    private const BY_PERSON = 2;

    private const WIFE = 4;

    private const ORDINAL_FROM = 3;

    /** @var array<string, int> pointer => number */
    private array $numbers = [];

    /** @var list<string> number => pointer */
    private array $pointers = [];

    /** One byte a number: the place of its record's tag in TAGS, 0 while no record was met. */
    private string $tags = '';

    /** @var array<string, true> */
    private array $doubled = [];

    private bool $hasFurtherPartners = false;

    /** @var array<int, string> number => id, of people, families, sources and repositories */
    private array $ids = [];

    /** @var array<int, int> (family << 25 | person) << 1 | CHILD or PARTNER => bits of the tie */
    private array $ties = [];

    /** @var array<int, int> family => the first partner that it names */
    private array $first = [];

    /** @var array<int, int> and the second */
    private array $second = [];

    /** @var array<string, array<string, int>> lines of the records that are told with their rolls, by source and locator */
    private array $rolls = [];

    public function __construct(private readonly IdMint $mint)
    {
    }

    public function note(Structure $record): void
    {
        if ($record->pointer === '') {
            return;
        }
        $number = $this->number($record->pointer);
        if ($this->tags[$number] !== "\0") {
            $this->doubled[$record->pointer] = true;

            return;
        }
        $this->tags[$number] = chr(self::TAGS[$record->tag] ?? self::TAGS['other']);
        if (isset(self::TAGS[$record->tag])) {
            $this->ids[$number] = $this->mint->next();
        }
        foreach ($record->children as $ordinal => $child) {
            match ([$record->tag, $child->tag]) {
                ['FAM', 'HUSB'], ['FAM', 'WIFE'] => $this->partner($number, $child, $ordinal),
                ['FAM', 'CHIL'] => $this->toldByFamily($number, $this->number($child->payload), self::CHILD, $ordinal, 0),
                ['INDI', 'FAMC'] => $this->toldByPerson($this->number($child->payload), $number, self::CHILD),
                ['INDI', 'FAMS'] => $this->toldByPerson($this->number($child->payload), $number, self::PARTNER),
                ['SOUR', '_NB_RECORD'] => $this->roll($this->ids[$number], $child),
                default => null,
            };
        }
    }

    /** How many lines a record has that the file tells with its roll; null where it tells none of that source and place. */
    public function rollLines(string $sourceId, string $locator): ?int
    {
        return $this->rolls[$sourceId][$locator] ?? null;
    }

    private function roll(string $sourceId, Structure $record): void
    {
        if (! $record->isPointer && RecordTags::isPlain($record)) {
            $this->rolls[$sourceId][$record->payload] ??= count(
                array_filter($record->children, static fn (Structure $s): bool => $s->tag === '_NB_LINE'));
        }
    }

    /** The id of the record, when it is of this tag. */
    public function id(string $pointer, string $tag): ?string
    {
        $number = $this->numbers[$pointer] ?? null;

        return $number !== null && ord($this->tags[$number]) === (self::TAGS[$tag] ?? -1) ? $this->ids[$number] ?? null : null;
    }

    /** Whether a family names more than two partners. */
    public function hasFurtherPartners(): bool
    {
        return $this->hasFurtherPartners;
    }

    /** @return list<string> pointers that more than one record has */
    public function doubled(): array
    {
        return array_map(strval(...), array_keys($this->doubled));
    }

    public function isKnown(string $pointer): bool
    {
        $number = $this->numbers[$pointer] ?? null;

        return $number !== null && $this->tags[$number] !== "\0";
    }

    /** @return array<string, array{string, int}> person => [slot, ordinal]; two at most */
    public function partners(string $family): array
    {
        $number = $this->numbers[$family] ?? -1;
        $partners = [];
        foreach ([$this->first[$number] ?? null, $this->second[$number] ?? null] as $person) {
            if ($person !== null) {
                $bits = $this->ties[self::key($number, $person, self::PARTNER)];
                $partners[$this->pointers[$person]] = [($bits & self::WIFE) !== 0 ? SlotTags::SECOND : SlotTags::FIRST,
                    $bits >> self::ORDINAL_FROM];
            }
        }

        return $partners;
    }

    /** The ordinal of CHIL in the family; -1 when the family does not name the child. */
    public function childOrdinal(string $family, string $child): int
    {
        $bits = $this->tieBits($family, $child, self::CHILD);

        return ($bits & self::BY_FAMILY) !== 0 ? $bits >> self::ORDINAL_FROM : -1;
    }

    public function personTellsParents(string $family, string $child): bool
    {
        return ($this->tieBits($family, $child, self::CHILD) & self::BY_PERSON) !== 0;
    }

    public function personTellsPartner(string $family, string $person): bool
    {
        return ($this->tieBits($family, $person, self::PARTNER) & self::BY_PERSON) !== 0;
    }

    /** The id of the tie between a family and one of its people; the same however often it is asked. */
    public function tie(string $kind, string $family, string $person): string
    {
        return $this->mint->tied((string) $this->id($family, 'FAM'), "{$kind} {$person}");
    }

    private function partner(int $family, Structure $line, int $ordinal): void
    {
        $person = $this->number($line->payload);
        if (($this->first[$family] ?? null) === $person || ($this->second[$family] ?? null) === $person || isset($this->second[$family])) {
            $isFurther = ! in_array($person, [$this->first[$family] ?? null, $this->second[$family] ?? null], true) && $line->isPointer
                && $line->payload !== '@VOID@';
            $this->hasFurtherPartners = $this->hasFurtherPartners || $isFurther;

            return;
        }
        if (isset($this->first[$family])) {
            $this->second[$family] = $person;
        } else {
            $this->first[$family] = $person;
        }
        $this->toldByFamily($family, $person, self::PARTNER, $ordinal, $line->tag === 'WIFE' ? self::WIFE : 0);
    }

    private function toldByFamily(int $family, int $person, int $kind, int $ordinal, int $slot): void
    {
        $key = self::key($family, $person, $kind);
        $bits = $this->ties[$key] ?? 0;
        if (($bits & self::BY_FAMILY) === 0) {
            $this->ties[$key] = $bits | self::BY_FAMILY | $slot | $ordinal << self::ORDINAL_FROM;
        }
    }

    private function toldByPerson(int $family, int $person, int $kind): void
    {
        $key = self::key($family, $person, $kind);
        $this->ties[$key] = ($this->ties[$key] ?? 0) | self::BY_PERSON;
    }

    private function tieBits(string $family, string $person, int $kind): int
    {
        $key = isset($this->numbers[$family], $this->numbers[$person])
            ? self::key($this->numbers[$family], $this->numbers[$person], $kind) : -1;

        return $this->ties[$key] ?? 0;
    }

    private static function key(int $family, int $person, int $kind): int
    {
        return ($family << 25 | $person) << 1 | $kind;
    }

    private function number(string $pointer): int
    {
        $number = $this->numbers[$pointer] ?? null;
        if ($number === null) {
            $this->numbers[$pointer] = $number = count($this->pointers);
            $this->pointers[] = $pointer;
            $this->tags .= "\0";
        }

        return $number;
    }
}
