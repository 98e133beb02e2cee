<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\ProseBlocks;
use NorthBough\Core\Report\Report;

/** A text that somebody wrote, with its notes. */
final readonly class LifeInProse implements Report
{
    public function __construct(
        #[Option('Research notes', 'With the notes for whoever searches on')] public bool $research = false,
    ) {
    }

    public static function code(): string
    {
        return 'text';
    }

    public static function title(): string
    {
        return 'Life in prose';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Text;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $told = $material->text($subject->id());
        $running = $material->running();
        $blocks = (new ProseBlocks($running, $told->cited, $this->research))->of($told->text);

        return new Document($told->title, "Made with North Bough on {$day}.", [Heading::of(1, $told->title), ...$blocks], null,
            $running->apparatus());
    }
}
