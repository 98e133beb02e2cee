<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A text that somebody wrote of a person, a couple, a place or of nobody in particular. */
final readonly class TextRow implements Row
{
    /**
     * @param  string  $placeId  empty where it is about no place, as the other ids are
     * @param  string  $body  as ProseReader reads it, in JSON
     * @param  string  $place  what the place is called
     * @param  array<string, list<string>>  $whose  by id of a person or couple that it names or is about: who they are
     * @param  list<string>  $withheldFacts  facts in it that somebody asked to withhold
     * @param  array<string, array{string, string, string}>  $records  by id of a record that it cites: the id of its source, its
     *     page, and the id of a claim of that record, empty where there is none
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        public string $title,
        #[Field(isSafe: true)] public string $personId,
        #[Field(isSafe: true)] public string $unionId,
        #[Field(isSafe: true)] public string $placeId,
        public string $body,
        #[Field(isElsewhere: true)] public string $place = '',
        #[Field(isSafe: true, isElsewhere: true)] public array $whose = [],
        #[Field(isSafe: true, isElsewhere: true)] public array $withheldFacts = [],
        #[Field(isElsewhere: true)] public array $records = [],
    ) {
    }

    /** @return list<string> whom it is about */
    public function about(): array
    {
        return [...$this->whose[$this->personId] ?? [], ...$this->whose[$this->unionId] ?? []];
    }

    public function saying(string $body): self
    {
        return new self($this->id, $this->title, $this->personId, $this->unionId, $this->placeId, $body, $this->place, $this->whose,
            $this->withheldFacts, $this->records);
    }
}
