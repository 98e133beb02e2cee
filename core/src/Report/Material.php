<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\ToldText;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Tree\TreeView;

/** What reports are made of, without anything that the audience may not see. */
interface Material
{
    public function tree(): TreeView;

    /** Who descends from whom, of whom a choice counts. */
    public function lines(LineChoice $choice): Lines;

    /** How many parts are wanted: of a long report a page shows its beginning. */
    public function most(): int;

    /** Of this text, or of the book that it is a chapter of. */
    public function running(): RunningText;

    public function lists(): Lists;

    /** @throws SubjectMissing */
    public function record(string $id): TranscribedRecord;

    /** @throws SubjectMissing */
    public function question(string $id): ProvedQuestion;

    /** @throws SubjectMissing */
    public function text(string $id): ToldText;

    /** @throws SubjectMissing */
    public function drawing(string $id): Scene;

    /** @throws SubjectMissing */
    public function book(string $id): BoundBook;
}
