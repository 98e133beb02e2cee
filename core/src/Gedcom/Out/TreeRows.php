<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Gedcom\Row\TextRow;

/** A tree, or part of one, as the rows that a file is written from, in the order in which they are written. */
interface TreeRows
{
    public function treeName(): string;

    /** The head of the file that the tree came from, as it was kept; empty when there is not exactly one. */
    public function head(): string;

    public function pointers(): Pointers;

    /** @return iterable<array{PersonRows, AttachedRows}> */
    public function people(): iterable;

    /** @return iterable<array{UnionRows, AttachedRows}> */
    public function unions(): iterable;

    /** @return iterable<array{SourceRow, AttachedRows}> */
    public function sources(): iterable;

    /** @return iterable<array{RepositoryRow, AttachedRows}> */
    public function repositories(): iterable;

    /** @return iterable<PictureRow> that somebody put here or that came as records of their own */
    public function pictures(): iterable;

    /** @return iterable<QuestionRow> that are asked of no person but of a line of a roll */
    public function questions(): iterable;

    /** @return iterable<SearchRow> in the order in which they were entered */
    public function searches(): iterable;

    /** @return iterable<TextRow> in the order in which they were begun */
    public function texts(): iterable;

    /** @return iterable<KeptRow> whole records that the model does not hold */
    public function otherRecords(): iterable;
}
