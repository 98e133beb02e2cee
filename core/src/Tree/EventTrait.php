<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** What an event of a kind says of a life, whatever it is called. */
enum EventTrait: string
{
    case Birth = 'birth';
    /** Stands for a birth that nothing tells: a baptism, a naming. It bounds the birth and is none. */
    case SignOfBirth = 'sign of a birth';
    case Death = 'death';
    /** Stands for a death that nothing tells: a burial, a cremation. It bounds the death and is none. */
    case SignOfDeath = 'sign of a death';
    /** Told of the dead, so that whoever has it was dead by then: a death, its signs, a probate years later. */
    case OfTheDead = 'told of the dead';
    /** Whoever has it was there on that day. A trade, banns or a will say no such thing. */
    case Presence = 'presence';
    /** Whoever has it lived on that day. */
    case OfTheLiving = 'told of the living';
    /** Only an adult has it. */
    case OfAnAdult = 'told of an adult';
    /** Where somebody lived. */
    case Residence = 'residence';

    /** In a form, after "An event of this kind". */
    public function says(): string
    {
        return match ($this) {
            self::Birth => 'is a birth',
            self::SignOfBirth => 'stands for a birth that nothing tells',
            self::Death => 'is a death',
            self::SignOfDeath => 'stands for a death that nothing tells',
            self::OfTheDead => 'is told of somebody who was dead by then',
            self::Presence => 'has whoever it is of there on that day',
            self::OfTheLiving => 'is told of somebody who lived on that day',
            self::OfAnAdult => 'is told of an adult only',
            self::Residence => 'says where somebody lived',
        };
    }
}
