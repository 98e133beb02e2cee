<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Drawing\Scene\Scene;
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
