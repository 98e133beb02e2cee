<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Cast\Gathering;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Layered\Direction;
use NorthBough\Core\Drawing\Layered\LayeredBoxes;
use NorthBough\Core\Drawing\Layered\PartnerOrder;
use NorthBough\Core\Drawing\Layered\SiblingOrder;
use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Tree\TreeView;

/** How people are related: everybody on the lines between each and the next, with both of a couple from whom they descend. */
final readonly class PathDrawing implements Drawing
{
    use DrawnInBoxes;

    public function __construct(
        #[Option('Paths', 'Whether every path is drawn or the nearest only')] public Paths $paths = Paths::All,
        public BoxContents $contents = new BoxContents,
    ) {
    }

    public static function code(): string
    {
        return 'path';
    }

    public static function title(): string
    {
        return 'Path between people';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::People;
    }

    public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout
    {
        $handwork ??= Handwork::none();
        $ids = $subject->ids;
        for ($at = 1; $at < count($subject->ids); $at++) {
            foreach ($this->paths->of(Kinship::between($tree, $subject->ids[$at - 1], $subject->ids[$at])) as $path) {
                array_push($ids, ...$path);
            }
        }
        $gathering = new Gathering($tree, $handwork);
        $gathering->show(array_values(array_unique($ids)));
        $cast = $gathering->cast($subject->ids);

        return LayeredBoxes::of("{$cast->nameOfSubjects()}: how they are related", $cast, Direction::Down, PartnerOrder::Around,
            SiblingOrder::FewCrossings,
            $this->contents, $handwork);
    }
}
