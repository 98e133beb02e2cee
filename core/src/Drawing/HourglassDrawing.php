<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Cast\Gathering;
use NorthBough\Core\Drawing\Cast\ParentSets;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Layered\Direction;
use NorthBough\Core\Drawing\Layered\LayeredBoxes;
use NorthBough\Core\Drawing\Layered\PartnerOrder;
use NorthBough\Core\Drawing\Layered\SiblingOrder;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Tree\TreeView;

/** Ancestors above one person and descendants below. */
final readonly class HourglassDrawing implements Drawing
{
    use DrawnInBoxes;

    /**
     * @param  int<0, 8>  $up
     * @param  int<0, 8>  $down
     */
    public function __construct(
        #[Option('Generations up', 'How many generations above the person are drawn', 0, 8)] public int $up = 3,
        #[Option('Generations down', 'How many generations below the person are drawn', 0, 8)] public int $down = 3,
        #[Option('Parents', 'Whether all sets of parents are drawn or only those that lead')] public ParentSets $parents = ParentSets::All,
        public BoxContents $contents = new BoxContents,
    ) {
    }

    public static function code(): string
    {
        return 'hourglass';
    }

    public static function title(): string
    {
        return 'Hourglass';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout
    {
        $handwork ??= Handwork::none();
        $gathering = new Gathering($tree, $handwork, $this->parents);
        $gathering->down([$subject->id()], $this->down);
        $gathering->up([$subject->id()], $this->up);
        $cast = $gathering->cast([$subject->id()]);

        return LayeredBoxes::of("Ancestors and descendants of {$cast->nameOfSubjects()}", $cast, Direction::Down, PartnerOrder::Around,
            SiblingOrder::Kept,
            $this->contents, $handwork);
    }
}
