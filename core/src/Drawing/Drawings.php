<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\SetByHand;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;
use NorthBough\Core\Tree\TreeView;

/** Every kind of drawing. A new one is one file and one line here. */
final class Drawings
{
    /** @return Kinds<Drawing> */
    public static function kinds(): Kinds
    {
        return new Kinds('drawing', [AncestorDrawing::class, DescendantDrawing::class, FanDrawing::class, HourglassDrawing::class,
            KindredDrawing::class, PathDrawing::class, LifespansDrawing::class]);
    }

    /**
     * @param  array<string, string>  $options  by name, as words; what is not given is as usual
     *
     * @throws UnknownKind
     * @throws WrongOption
     */
    public static function named(string $code, array $options = []): Drawing
    {
        return Options::make(self::kinds()->named($code), $options);
    }

    /**
     * A drawing with everything on it.
     *
     * @param  TreeView  $tree  without what the audience may not see
     * @param  Handwork  $handwork  its words without what the audience may not see
     *
     * @throws SubjectMissing
     */
    public static function drawn(Drawing $drawing, TreeView $tree, Subject $subject, Handwork $handwork): Scene
    {
        return SetByHand::on($drawing->draw($tree, $subject, $handwork), $handwork);
    }
}
