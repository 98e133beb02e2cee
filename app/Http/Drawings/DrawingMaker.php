<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Presentation\Asked;
use App\Trees\Access\SeenTree;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;

/** Lays a drawing of a tree out, for the page, a file or a command. */
final class DrawingMaker
{
    /**
     * @param  array<string, string>  $options
     *
     * @throws \App\Refusal where there is no such kind, option or subject
     */
    public static function make(SeenTree $seen, string $kind, string $subject, array $options): Scene
    {
        return Asked::answer(static function () use ($seen, $kind, $subject, $options): Scene {
            $drawing = Drawings::named($kind, $options);

            return $drawing->draw($seen->view, Subject::read($drawing::subject(), $subject));
        });
    }
}
