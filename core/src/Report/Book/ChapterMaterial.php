<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Report\Lists as ReportLists;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tree\TreeView;

/** What chapters of one book are made of: their notes are numbered through. */
final readonly class ChapterMaterial implements Material
{
    public function __construct(private Material $material, private RunningText $running)
    {
    }

    public function running(): RunningText
    {
        return $this->running;
    }

    public function tree(): TreeView
    {
        return $this->material->tree();
    }

    public function lines(LineChoice $choice): Lines
    {
        return $this->material->lines($choice);
    }

    public function most(): int
    {
        return $this->material->most();
    }

    public function lists(): ReportLists
    {
        return $this->material->lists();
    }

    public function record(string $id): TranscribedRecord
    {
        return $this->material->record($id);
    }

    public function question(string $id): ProvedQuestion
    {
        return $this->material->question($id);
    }

    public function text(string $id): ToldText
    {
        return $this->material->text($id);
    }

    public function drawing(string $id): Scene
    {
        return $this->material->drawing($id);
    }

    public function book(string $id): BoundBook
    {
        return $this->material->book($id);
    }
}
