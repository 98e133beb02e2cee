<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Trees\Access\SeenTree;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\ToldText;
use NorthBough\Core\Report\Lists;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tree\TreeView;

/** What reports are made of, from the current tree as one audience sees it. */
final readonly class ReportMaterial implements Material
{
    public function __construct(private SeenTree $seen, private RecordMaterial $records, private ProofMaterial $proofs,
        private ListMaterial $lists, private BookMaterial $books)
    {
    }

    public function tree(): TreeView
    {
        return $this->seen->view;
    }

    public function running(): RunningText
    {
        return RunningText::begun();
    }

    public function lists(): Lists
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
