<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\TreeView;

/** One kind of drawing, made with its options: lays its subject out as a scene. */
interface Drawing extends Presented
{
    /**
     * @param  TreeView  $tree  without what the audience may not see
     * @param  Handwork|null  $handwork  what was done to the drawing by hand; null for nothing
     *
     * @throws SubjectMissing
     */
    public function draw(TreeView $tree, Subject $subject, ?Handwork $handwork = null): Scene;
}
