<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Tree\TreeView;

/** Lays one kind of drawing out. */
interface Drawing
{
    public function code(): string;

    /** @param  int<1, max>  $generations counting the person at the start */
    public function lay(TreeView $tree, string $personId, int $generations): Scene;
}
