<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\TreeView;

/** A drawing whose people stand in boxes with lines between them. */
trait DrawnInBoxes
{
    /** @throws SubjectMissing */
    abstract public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout;

    public function draw(TreeView $tree, Subject $subject, ?Handwork $handwork = null): Scene
    {
        return BoxSetting::scene($this->lay($tree, $subject, $handwork));
    }
}
