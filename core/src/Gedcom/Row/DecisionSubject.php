<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** What a decision was about, in what rests on it. */
enum DecisionSubject: string
{
    case Question = 'question';
    case Parentage = 'parentage';
    case Placing = 'placing';
}
