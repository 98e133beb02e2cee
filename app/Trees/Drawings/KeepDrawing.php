<?php

declare(strict_types=1);

namespace App\Trees\Drawings;

use App\Trees\Joins\Joined;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;

/** What is stored of a drawing, with who stands in it at this moment. */
final readonly class KeepDrawing
{
    public function __construct(private DatabaseTree $tree, private Joined $joined)
    {
    }

    /**
     * @param  list<string>  $subjectIds
     * @param  array<string, string>  $options  by name, as words
     * @return array<string, mixed> by column
     *
     * @throws UnknownKind
     * @throws WrongOption
     * @throws SubjectMissing
     */
    public function columns(string $name, string $kind, array $subjectIds, array $options, Handwork $handwork): array
    {
        $today = $this->joined->resolveAll($subjectIds);
        $subjectIds = array_values(array_unique(array_map(static fn (string $id): string => $today[$id] ?? $id, $subjectIds)));
        $drawing = Drawings::named($kind, $options);
        $scene = Drawings::drawn($drawing, $this->tree, Subject::read($drawing::subject(), implode(',', $subjectIds)), $handwork);
        $seenIds = array_values(array_unique(array_map(static fn (HitArea $area): string => $area->personId, $scene->people())));

        return ['name' => trim($name), 'kind' => $kind, 'person_id' => $subjectIds[0],
            'settings' => (new DrawingSettings($subjectIds, $options, $handwork, $seenIds))->stored()];
    }
}
