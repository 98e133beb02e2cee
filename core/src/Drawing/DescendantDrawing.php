<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\TreeView;

/** The descendants of one person, with whom they married. */
final readonly class DescendantDrawing implements Drawing
{
    /** @param  int<1, 12>  $generations */
    public function __construct(
        #[Option('Generations', 'How many generations are drawn, with the person at the start', 1, 12)] public int $generations = 5,
    ) {
    }

    public static function code(): string
    {
        return 'descendants';
    }

    public static function title(): string
    {
        return 'Descendants';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function draw(TreeView $tree, Subject $subject): Scene
    {
        return BoxSetting::scene($this->lay($tree, $subject));
    }

    /** @throws SubjectMissing */
    public function lay(TreeView $tree, Subject $subject): BoxLayout
    {
        return DescendantLayout::of($tree, $subject->id(), $this->generations);
    }
}
