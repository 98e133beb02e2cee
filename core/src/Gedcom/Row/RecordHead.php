<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Chrono\GenDate;

/** What is said of a record beside where it stands in its source. */
final readonly class RecordHead
{
    /**
     * @param  string  $kind  code of a kind that ships; empty for none, or where it is one of the user's own
     * @param  string|null  $ownKindId  of an OwnKindRow
     * @param  array<string, string>  $fields  of its head, by code
     */
    public function __construct(
        public string $kind,
        public ?string $ownKindId,
        public GenDate $date,
        public string $place,
        public array $fields,
        public string $transcription,
        public string $sourceClass,
        public string $fileNumber,
        public ?int $toldCount,
    ) {
    }

    public static function none(): self
    {
        return new self('', null, GenDate::phrase(''), '', [], '', 'unstated', '', null);
    }
}
