<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** What stands beside somebody in the tree that none of their facts tells. */
final readonly class PersonAside
{
    /** @param  int  $openQuestions  conflicts and cases about them that nobody has settled */
    public function __construct(public ?PictureCut $portrait = null, public int $openQuestions = 0)
    {
    }
}
