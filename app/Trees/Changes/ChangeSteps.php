<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** The steps of every change set, in their order: ChangePipelineProvider registers them. */
final readonly class ChangeSteps
{
    /** @param  list<ChangeStep>  $all */
    public function __construct(public array $all)
    {
    }
}
