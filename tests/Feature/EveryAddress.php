<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Reports;

/** Every address of a tree that can be read, filled in. */
trait EveryAddress
{
    /**
     * The addresses of everything that can be read of a family, without the tree before them.
     *
     * @param  array<string, string>  $family
     * @return list<string>
     */
    private function readable(array $family): array
    {
        $media = $this->api('POST', '/pictures',
            ['uploadId' => $this->upload(self::picture(33, 30), 'shore.png'), 'personId' => $family['person']])->assertOk()->json('id');
        $known = ['media' => $media, 'otherPerson' => $family['second'], 'subject' => $family['person'], 'reported' => $family['person'],
            'question' => $family['case'],
            'target' => 'claim', 'id' => $family['claim'],
            'subjects' => $family['person'], 'kind' => 'family', 'format' => 'html', 'list' => 'places',
            'page' => '0', 'level' => '0', 'x' => '0', 'y' => '0', 'cut' => '0-0-10000-10000', 'run' => $this->looked(),
            'change' => (string) DB::table('change_sets')->where('tree_id', $this->tree->id)->orderBy('seq')->value('id')] + $family;
        $addresses = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($route->methods()[0] === 'GET' && str_starts_with($route->uri(), 'api/trees/{tree}')) {
                $each = match (true) {
                    str_contains($route->uri(), '/drawings/') => self::presented(Drawings::kinds(), ['format' => 'svg'] + $known),
                    str_contains($route->uri(), 'saved-drawings/') => [['format' => 'svg'] + $known],
                    str_contains($route->uri(), 'reports/') => self::presented(Reports::kinds(), $known),
                    str_contains($route->uri(), 'source-kinds/') => [['kind' => 'letter'] + $known],
                    default => [$known],
                };
                foreach ($each as $of) {
                    $addresses[] = (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $m): string => $of[$m[1]],
                        substr($route->uri(), strlen('api/trees/{tree}')));
                }
            }
        }

        return $addresses;
    }

    /**
     * Every kind of drawing or report, each of what it is about.
     *
     * @param  Kinds<Presented>  $kinds
     * @param  array<string, string>  $known
     * @return list<array<string, string>>
     */
    private static function presented(Kinds $kinds, array $known): array
    {
        return array_map(static fn (string $class): array => ['kind' => $class::code(), 'reported' => match ($class::subject()) {
            SubjectKind::Person, SubjectKind::People, SubjectKind::Line => $known['person'],
            SubjectKind::Tree => Subject::WHOLE,
            SubjectKind::Couple => $known['union'],
            SubjectKind::Record => $known['record'],
            SubjectKind::Question => $known['question'],
            SubjectKind::Text => $known['text'],
            SubjectKind::Book => $known['book'],
            SubjectKind::Set => throw new \LogicException('No working set is laid out for the addresses yet.'),
        }] + $known, $kinds->classes);
    }

    /** A file that was looked at and is not in. */
    private function looked(): string
    {
        $upload = $this->upload("0 HEAD\n1 GEDC\n2 VERS 7.0\n0 @I1@ INDI\n1 NAME Una /Osk/\n0 TRLR\n", 'una.ged');

        return (string) $this->api('POST', '/exchange/previews', ['uploadId' => $upload])->assertOk()->json('id');
    }
}
