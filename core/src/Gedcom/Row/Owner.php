<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** The kinds of row that claims, notes, kept lines and decisions attach to. */
enum Owner: string
{
    case Person = 'person';
    case Name = 'name';
    case Event = 'event';
    case Union = 'union';
    case UnionPartner = 'union_partner';
    case ParentSet = 'parent_set';
    case Source = 'source';
    case Repository = 'repository';
    case Claim = 'claim';
    case Note = 'note';
    case Parentage = 'parentage';
    case Question = 'question';
}
