<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\Structure;

/**
 * The first pass over a file: which records there are, and who is tied to whom, so that the second pass can write
 * every tie once although the standard tells it twice, in any order.
 */
final class Survey
{
    /** @var array<string, string> record pointer => id, for people, families, sources and repositories */
    private array $ids = [];

    /** @var array<string, string> record pointer => tag */
    private array $tags = [];

    /** @var array<string, array<string, array{string, int}>> family => person => [HUSB or WIFE, ordinal] */
    private array $partners = [];

    /** @var array<string, array<string, int>> family => child => ordinal */
    private array $children = [];

    /** @var array<string, true> "family child" and "person family" pairs that the person's own record tells */
    private array $toldByPerson = [];

    /** @var array<string, string> tie => id */
    private array $ties = [];

    public function __construct(private readonly IdMint $mint)
    {
    }

    public function note(Structure $record): void
    {
        if ($record->pointer === '' || isset($this->tags[$record->pointer])) {
            return;
        }
        $this->tags[$record->pointer] = $record->tag;
        if (in_array($record->tag, ['INDI', 'FAM', 'SOUR', 'REPO'], true)) {
            $this->ids[$record->pointer] = $this->mint->next();
        }
        foreach ($record->children as $ordinal => $child) {
            match ([$record->tag, $child->tag]) {
                ['FAM', 'HUSB'], ['FAM', 'WIFE'] => $this->partner($record->pointer, $child, $ordinal),
                ['FAM', 'CHIL'] => $this->children[$record->pointer][$child->payload] ??= $ordinal,
                ['INDI', 'FAMC'] => $this->toldByPerson["C {$child->payload} {$record->pointer}"] = true,
                ['INDI', 'FAMS'] => $this->toldByPerson["S {$child->payload} {$record->pointer}"] = true,
                default => null,
            };
        }
    }

    /** The id of the record, when it is of this tag. */
    public function id(string $pointer, string $tag): ?string
    {
        return ($this->tags[$pointer] ?? '') === $tag ? $this->ids[$pointer] ?? null : null;
    }

    public function isKnown(string $pointer): bool
    {
        return isset($this->tags[$pointer]);
    }

    /** @return array<string, array{string, int}> person => [slot, ordinal]; two at most */
    public function partners(string $family): array
    {
        return $this->partners[$family] ?? [];
    }

    /** The ordinal of CHIL in the family; -1 when the family does not name the child. */
    public function childOrdinal(string $family, string $child): int
    {
        return $this->children[$family][$child] ?? -1;
    }

    public function personTellsParents(string $family, string $child): bool
    {
        return isset($this->toldByPerson["C {$family} {$child}"]);
    }

    public function personTellsPartner(string $family, string $person): bool
    {
        return isset($this->toldByPerson["S {$family} {$person}"]);
    }

    /** The id of the tie between a family and one of its people; the same however often it is asked. */
    public function tie(string $kind, string $family, string $person): string
    {
        return $this->ties["{$kind} {$family} {$person}"] ??= $this->mint->next();
    }

    private function partner(string $family, Structure $child, int $ordinal): void
    {
        if (count($this->partners[$family] ?? []) < 2) {
            $this->partners[$family][$child->payload] ??= [$child->tag, $ordinal];
        }
    }
}
