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

/**
 * The blood kin of one or several people in one drawing, with whom these were a couple: ancestors, and all their
 * descendants down to so many generations below the people themselves. Kin of a second wife are simply another root.
 */
final readonly class KindredDrawing implements Drawing
{
    use DrawnInBoxes;

    /**
     * @param  int<0, 8>  $up
     * @param  int<0, 8>  $down
     */
    public function __construct(
        #[Option('Generations up', 'How many generations above the people are drawn', 0, 8)] public int $up = 2,
        #[Option('Generations down', 'How many generations below the people are drawn', 0, 8)] public int $down = 2,
        #[Option('Parents', 'Whether all sets of parents are drawn or only those that lead')] public ParentSets $parents = ParentSets::All,
        public BoxContents $contents = new BoxContents,
    ) {
    }

    public static function code(): string
    {
        return 'kindred';
    }

    public static function title(): string
    {
        return 'Kindred';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::People;
    }

    public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout
    {
        $handwork ??= Handwork::none();
        $gathering = new Gathering($tree, $handwork, $this->parents);
        $gathering->show($subject->ids);
        foreach ($subject->ids as $id) {
            $rows = array_reverse($gathering->up([$id], $this->up));
            $gathering->down($rows[0] ?? [], count($rows) - 1 + $this->down, $rows);
        }
        $cast = $gathering->cast($subject->ids);

        return LayeredBoxes::of("Kindred of {$cast->nameOfSubjects()}", $cast, Direction::Down, PartnerOrder::Around,
            SiblingOrder::FewCrossings, $this->contents,
            $handwork);
    }
}
