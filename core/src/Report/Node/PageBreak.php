<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** What follows begins on a page of its own. */
final readonly class PageBreak implements Block
{
}
