<?php

declare(strict_types=1);

namespace App\Console;

use App\Printing\PrintedDrawing;
use App\Trees\Access\SeenTree;
use NorthBough\Core\Drawing\Drawing;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;

/** @extends PresentCommand<Drawing> */
final class DrawCommand extends PresentCommand
{
    use Worded;

    protected $signature = 'bough:draw {tree} {kind} {subject* : @X@, a number or an id} {--to= : the file to write} '
        .'{--living=shield : shield or keep} {--paper= : A4 or Letter, onto whose sheets a PDF is tiled}';

    protected $description = 'Writes a drawing to a file';

    public function __construct(private readonly PrintedDrawing $printed)
    {
        parent::__construct();
    }

    protected function kinds(): Kinds
    {
        return Drawings::kinds();
    }

    protected function formats(): array
    {
        return PrintedDrawing::FORMATS;
    }

    protected function content(Presented $presented, SeenTree $seen, Subject $subject, string $format): string
    {
        $scene = Drawings::drawn($presented, $seen->view, $subject, Handwork::none());

        return $this->printed->of($scene, $seen, $format, PrintedDrawing::paper($this->word('paper')));
    }
}
