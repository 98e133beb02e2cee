<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\CaseTags;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Version;

/** Tasks, questions, groups and marks under a person: the other way round from In/WorkMapping. */
final readonly class WorkWriter
{
    public function __construct(private RowStructures $structures, private Pointers $pointers, private Version $version)
    {
    }

    public function write(StructureBuilder $person, string $personId, AttachedRows $attached): void
    {
        foreach ($attached->work[$personId] ?? [] as $row) {
            match (true) {
                $row instanceof QuestionRow => $this->question($person, $row),
                $row instanceof TaskRow => $person->child($row->ordinal, $this->task($row, $attached)->build()),
                default => $person->child($row->ordinal, $this->member($row, $attached)->build()),
            };
        }
    }

    private function question(StructureBuilder $person, QuestionRow $row): void
    {
        $person->child(-1, CaseTags::asked($row, $this->pointers));
        if ($this->version === Version::V551) {
            $person->child(-1, ReadableNotes::question($row));
        }
    }

    private function task(TaskRow $row, AttachedRows $attached): StructureBuilder
    {
        return $this->structures->builder('_NB_TASK', $row->text, $row->written, $row->id, $attached)->field('_NB_DONE', $row->doneOn);
    }

    private function member(MemberRow $row, AttachedRows $attached): StructureBuilder
    {
        $group = $attached->groups[$row->groupId];

        return $this->structures->builder($row->kind->tag(), $group->name, $row->written, $row->id, $attached)
            ->field('_NB_COLOUR', $group->colour)->field('_NB_MEANING', $group->meaning);
    }
}
