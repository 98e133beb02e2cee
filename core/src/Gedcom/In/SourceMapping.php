<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Row\FactRef;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Structure;

/** SOUR and REPO records: version 7, section 3.2, SOURCE_RECORD and REPOSITORY_RECORD. */
final readonly class SourceMapping
{
    public function __construct(private MappingContext $mapping, private RecordMapping $records)
    {
    }

    public function source(Structure $record, string $id, int $ordinal): void
    {
        $fields = new StructureFields($record);
        [$title, $author, $publication, $abbreviation, $text] = array_map($fields->text(...), ['TITL', 'AUTH', 'PUBL', 'ABBR', 'TEXT']);
        [$repositoryId, $callNumber, $written, $held] = $this->holder($fields);
        [$kind, $ownKind, $values, $listed] = $this->records->described($fields);
        $this->mapping->add(
            new SourceRow($id, $title, $author, $publication, $abbreviation, $text, $repositoryId, $callNumber, $ordinal,
                $fields->written() + $written, null, $kind, $ownKind, $values, $listed));
        $this->records->records($fields, $id);
        $owner = new FactRef(Owner::Source, $id);
        $this->mapping->named(Owner::Source, $id, $record->pointer);
        $this->mapping->notes($fields, $owner);
        $this->mapping->keep($fields, $owner);
        if ($held !== null) {
            $this->mapping->keep($held, $owner, 'REPO');
        }
        $this->mapping->counts['sources']++;
    }

    public function repository(Structure $record, string $id, int $ordinal): void
    {
        $fields = new StructureFields($record);
        $owner = new FactRef(Owner::Repository, $id);
        $this->mapping->add(new RepositoryRow($id, $fields->text('NAME'), $ordinal, $fields->written()));
        $this->mapping->named(Owner::Repository, $id, $record->pointer);
        $this->mapping->notes($fields, $owner);
        $this->mapping->keep($fields, $owner);
        $this->mapping->counts['repositories']++;
    }

    /**
     * The first repository that the source names, with its call number; further ones are kept.
     *
     * @return array{?string, string, array<string, array{int, string}>, ?StructureFields}
     */
    private function holder(StructureFields $fields): array
    {
        $survey = $this->mapping->survey;
        $all = $fields->takeAll(static fn (Structure $s): bool => $s->tag === 'REPO');
        $held = null;
        foreach ($all as $ordinal => $structure) {
            $repositoryId = $survey->id($structure->payload, 'REPO');
            if ($held !== null || $repositoryId === null) {
                $fields->giveBack($ordinal, $structure);

                continue;
            }
            $inner = new StructureFields($structure);
            $callNumber = $inner->text('CALN');
            $written = ['REPO' => [$ordinal, $structure->payload]];
            foreach ($inner->written() as $path => $place) {
                if ($path !== '') {
                    $written["REPO/{$path}"] = $place;
                }
            }
            $held = [$repositoryId, $callNumber, $written, $inner];
        }

        return $held ?? [null, '', [], null];
    }
}
