<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Tree\TreeView;

/** Builds one kind of report. What it is about is a person's or a union's id, as the kind says. */
interface Report
{
    public function code(): string;

    public function title(): string;

    /** @throws NothingToReport when the subject is not in the tree */
    public function build(TreeView $tree, string $subjectId, string $day): Document;
}
