<?php

declare(strict_types=1);

namespace Tests\Architecture;

use NorthBough\Core\Drawing\TypeMeasure;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The walls between the layers. A line across one fails the static check. */
final class LayerRules
{
    public function test_core_knows_nothing_outside_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthBough\Core'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Carbon'),
                Selector::inNamespace('Symfony'),
                Selector::classname('PDO'),
                Selector::classname('PDOStatement'),
            )
            ->because('core/ is the rules of the job: no framework, no database, no clock.');
    }

    public function test_drawings_know_no_reports(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthBough\Core\Drawing'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('NorthBough\Core\Report'), Selector::inNamespace('NorthBough\Core\Gedcom'))
            ->because('each is a plug-in house of its own.');
    }

    public function test_reports_know_no_kind_of_drawing(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('NorthBough\Core\Report'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('NorthBough\Core\Drawing'), Selector::inNamespace('NorthBough\Core\Gedcom'))
            ->excluding(Selector::inNamespace('NorthBough\Core\Drawing\Scene'), Selector::inNamespace('NorthBough\Core\Drawing\Render'),
                Selector::classname(TypeMeasure::class))
            ->because('each is a plug-in house of its own; a document shows a scene, whatever drew it.');
    }

    public function test_storing_knows_no_requests(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Trees'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('what is stored can be written from a page, a command or a job alike.');
    }
}
