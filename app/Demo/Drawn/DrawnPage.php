<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;

/** The page of a made-up book that a record stands on, drawn. A new way of looking is one file and one line here. */
final readonly class DrawnPage
{
    private Page $page;

    public function __construct(private DemoRecord $record)
    {
        $this->page = match ($record->picture) {
            'stone' => new Stone,
            'letter' => new Letter,
            'form' => new Form,
            'clipping' => new Clipping,
            default => new Ledger,
        };
    }

    /** @return array{left: float, top: float, width: float, height: float}|null where a line stands, as shares of the page's sides */
    public function strip(int $line): ?array
    {
        [$width, $height] = $this->page->size($this->record);
        $at = $this->page->line($this->record, $line);

        return $at === null ? null
            : ['left' => $at[0] / $width, 'top' => $at[1] / $height, 'width' => $at[2] / $width, 'height' => $at[3] / $height];
    }

    public function svg(): string
    {
        [$width, $height] = $this->page->size($this->record);

        return Ink::sheet($width, $height, $this->page->tone(),
            Ink::stains($this->record->key, $width, $height).$this->page->body($this->record));
    }
}
