<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Takes away those couples that tie nobody to anybody and of which nothing is told, after people went. */
final readonly class TidyCouples implements FamilyCommand
{
    /** @param  list<string>  $coupleIds */
    public function __construct(private array $coupleIds)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->couples(...$this->coupleIds);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        array_map((new CoupleSteps($draft))->tidy(...), $this->coupleIds);

        return $draft->done();
    }
}
