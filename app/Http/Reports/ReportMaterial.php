<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Trees\Access\SeenTree;
use App\Trees\Numbers\LineNumbers;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\ToldText;
use NorthBough\Core\Report\Lists as ReportLists;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tree\TreeView;

/** What reports are made of, from the current tree as one audience sees it. */
final readonly class ReportMaterial implements Material
{
    public function __construct(private SeenTree $seen, private RecordMaterial $records, private ProofMaterial $proofs,
        private ListMaterial $lists, private BookMaterial $books, private LineNumbers $numbers, private int $most)
    {
    }

    public function tree(): TreeView
    {
        return $this->seen->view;
    }

    public function lines(LineChoice $choice): Lines
    {
        return $this->numbers->linesFor($this->seen, $choice);
    }

    public function most(): int
    {
        return $this->most;
    }

    public function running(): RunningText
    {
        return RunningText::begun();
    }

    public function lists(): ReportLists
    {
        return $this->lists;
    }

    public function record(string $id): TranscribedRecord
    {
        return $this->records->of($id, $this->seen);
    }

    public function question(string $id): ProvedQuestion
    {
        return $this->proofs->of($id, $this->seen);
    }

    public function text(string $id): ToldText
    {
        return $this->books->text($id, $this->seen);
    }

    public function drawing(string $id): Scene
    {
        return $this->books->drawing($id, $this->seen);
    }

    public function book(string $id): BoundBook
    {
        return $this->books->book($id, $this->seen);
    }
}
