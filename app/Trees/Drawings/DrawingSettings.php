<?php

declare(strict_types=1);

namespace App\Trees\Drawings;

use App\Models\Drawing;
use App\Trees\Joins\Joined;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;

/**
 * What is kept of a drawing: from whom it is drawn, with which options, what the hand did to it, and who stood in it when
 * it was last saved. Whoever was joined to another since is that other.
 */
final readonly class DrawingSettings
{
    /**
     * @param  list<string>  $subjectIds
     * @param  array<string, string>  $options  by name, as words
     * @param  list<string>  $seenIds
     */
    public function __construct(public array $subjectIds, public array $options, public Handwork $handwork, public array $seenIds)
    {
    }

    public static function of(Drawing $drawing, Joined $joined): self
    {
        $settings = $drawing->settings;
        $lists = array_map(static fn (string $name): array => array_values(array_filter(
            is_array($settings[$name] ?? null) ? $settings[$name] : [], is_string(...))), ['subjects' => 'subjects', 'seen' => 'seen']);
        $handwork = is_array($settings['handwork'] ?? null) ? $settings['handwork'] : [];
        $today = $joined->resolveAll([...$lists['subjects'], ...$lists['seen'], ...Joined::idsIn($handwork)]);
        $id = static fn (string $id): string => $today[$id] ?? $id;

        return new self(
            array_values(array_unique(array_map($id, $lists['subjects']))),
            array_filter(is_array($settings['options'] ?? null) ? $settings['options'] : [], is_string(...)),
            StoredHandwork::read($handwork, $id),
            array_values(array_unique(array_map($id, $lists['seen']))),
        );
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        return ['subjects' => $this->subjectIds, 'options' => $this->options, 'handwork' => StoredHandwork::written($this->handwork),
            'seen' => $this->seenIds];
    }
}
