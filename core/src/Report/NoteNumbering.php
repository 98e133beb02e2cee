<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Tree\CitedEvidence;

/** Numbers source notes as they are called for. The same page of the same source keeps its number. */
final class NoteNumbering
{
    /** @var array<string, int> record id => number */
    private array $numbers = [];

    /** @var array<string, true> sources told in full already */
    private array $told = [];

    /** @var list<list<StyledWords>> */
    private array $notes = [];

    /**
     * @param  list<CitedEvidence>  $evidence
     * @return list<StyledWords> the marks, in order
     */
    public function marks(array $evidence): array
    {
        $marks = [];
        foreach ($evidence as $claim) {
            $number = $this->numbers[$claim->recordId] ??= $this->add($claim);
            $marks[$number] = StyledWords::noteMark($number);
        }
        ksort($marks);

        return array_values($marks);
    }

    public function list(): NoteList
    {
        return new NoteList('Sources', $this->notes);
    }

    private function add(CitedEvidence $claim): int
    {
        $source = $claim->source;
        $this->notes[] = isset($this->told[$source->id])
            ? NoteForms::short($source, $claim->locator)
            : NoteForms::full($source, $claim->locator);
        $this->told[$source->id] = true;

        return count($this->notes);
    }
}
