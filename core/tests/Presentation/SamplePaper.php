<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Presentation;

enum SamplePaper: string
{
    case A4 = 'a4';
    case Letter = 'letter';
}
