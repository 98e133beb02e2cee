<?php

declare(strict_types=1);

use App\Http\Account\ReadingController as AccountReadingController;
use App\Http\Account\SessionController;
use App\Http\Desk\DeskController;
use App\Http\Drawings\DrawingsController;
use App\Http\Exchange\ExchangeController;
use App\Http\Exchange\UploadsController;
use App\Http\Journal\JournalController;
use App\Http\Page;
use App\Http\People\CardsController;
use App\Http\People\FactsController;
use App\Http\People\GroupsController;
use App\Http\People\IndexController;
use App\Http\People\NamesController;
use App\Http\People\NotesController;
use App\Http\People\PeopleController;
use App\Http\People\RolesController;
use App\Http\People\TiesController;
use App\Http\People\UnionsController;
use App\Http\Places\PlacePartsController;
use App\Http\Places\PlacesController;
use App\Http\Places\WordingsController;
use App\Http\Reading\ReadingController;
use App\Http\Records\CitationsController;
use App\Http\Records\RepositoriesController;
use App\Http\Records\SourcesController;
use App\Http\Reports\ReportsController;
use App\Http\Research\TasksController;
use App\Http\Tree\CopiesController;
use App\Http\Tree\DeletedTreesController;
use App\Http\Tree\EventKindsController;
use App\Http\Tree\NameVariantsController;
use App\Http\Tree\TreesController;
use App\Http\Tree\WorldEventsController;
use Illuminate\Support\Facades\Route;

$uuid = '[0-9a-fA-F]{8}(?:-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}';
foreach (['tree', 'person', 'union', 'fact', 'name', 'source', 'claim', 'change', 'run', 'upload', 'parentSet', 'unionPartner', 'subject', 'deleted', 'note', 'task', 'group', 'mark', 'role', 'eventKind', 'nameVariant', 'worldEvent', 'repository', 'place', 'placeName', 'placeInside', 'placeChurch'] as $key) {
    Route::pattern($key, $uuid);
}

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('accounts', [SessionController::class, 'make'])->middleware('throttle:sign-in');

    Route::middleware('auth')->group(function (): void {
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('trees', [TreesController::class, 'index']);
        Route::post('trees', [TreesController::class, 'store']);
        Route::get('deleted-trees', [DeletedTreesController::class, 'index']);
        Route::post('deleted-trees/{deleted}/restore', [DeletedTreesController::class, 'restore']);
        Route::put('account/reading', [AccountReadingController::class, 'update']);
        Route::post('uploads', [UploadsController::class, 'store']);
        Route::get('uploads/{upload}', [UploadsController::class, 'show']);
        Route::put('uploads/{upload}', [UploadsController::class, 'piece']);
    });

    Route::prefix('trees/{tree}')->middleware('tree:reader')->group(function (): void {
        Route::get('', [TreesController::class, 'show']);
        Route::put('centre', [CopiesController::class, 'centre']);
        Route::get('now', [TreesController::class, 'now']);
        Route::get('desk', [DeskController::class, 'index']);
        Route::get('people', [IndexController::class, 'index']);
        Route::get('jump', [IndexController::class, 'jump']);
        Route::get('people/{person}', [PeopleController::class, 'show']);
        Route::get('people/{person}/card', [CardsController::class, 'show']);
        Route::get('reading/places', [ReadingController::class, 'places']);
        Route::get('sources', [SourcesController::class, 'index']);
        Route::get('sources/{source}', [SourcesController::class, 'show']);
        Route::get('places', [PlacesController::class, 'index']);
        Route::get('places/{place}', [PlacesController::class, 'show']);
        Route::get('reading/date', [ReadingController::class, 'date']);
        Route::get('reading/entry', [ReadingController::class, 'entry']);
        Route::get('reading/sum', [ReadingController::class, 'sum']);
        Route::get('reading/place', [ReadingController::class, 'place']);
        Route::get('tasks', [TasksController::class, 'index']);
        Route::get('groups', [GroupsController::class, 'index']);
        Route::get('event-kinds', [EventKindsController::class, 'index']);
        Route::get('world-events', [WorldEventsController::class, 'index']);
        Route::get('name-variants', [NameVariantsController::class, 'index']);
        Route::get('journal', [JournalController::class, 'index']);
        Route::get('drawings/{kind}/{person}', [DrawingsController::class, 'show']);
        Route::get('drawings/{kind}/{person}.{format}', [DrawingsController::class, 'file'])->whereIn('format', ['svg', 'pdf']);
        Route::get('reports/{kind}/{subject}', [ReportsController::class, 'show']);
        Route::get('reports/{kind}/{subject}.{format}', [ReportsController::class, 'file'])->whereIn('format', ['html', 'pdf']);
        Route::get('unions', [ReportsController::class, 'unions']);
        Route::get('unions/{union}', [UnionsController::class, 'show']);
        Route::get('exchange', [ExchangeController::class, 'index']);
        Route::get('exchange/export', [ExchangeController::class, 'export']);
    });

    Route::prefix('trees/{tree}')->middleware('tree:editor')->group(function (): void {
        Route::post('people', [PeopleController::class, 'store']);
        Route::patch('people/{person}', [PeopleController::class, 'update']);
        Route::delete('people/{person}', [PeopleController::class, 'destroy']);
        Route::post('people/{person}/relatives', [PeopleController::class, 'addRelative']);
        Route::post('people/{person}/names', [NamesController::class, 'store']);
        Route::post('people/{person}/facts', [FactsController::class, 'addToPerson']);
        Route::post('unions/{union}/facts', [FactsController::class, 'addToUnion']);
        Route::patch('names/{name}', [NamesController::class, 'update']);
        Route::delete('names/{name}', [NamesController::class, 'destroy']);
        Route::patch('facts/{fact}', [FactsController::class, 'update']);
        Route::delete('facts/{fact}', [FactsController::class, 'destroy']);
        Route::post('facts/{fact}/citations', [CitationsController::class, 'store']);
        Route::delete('claims/{claim}', [CitationsController::class, 'destroy']);
        Route::delete('parent-sets/{parentSet}', [TiesController::class, 'parents']);
        Route::patch('parent-sets/{parentSet}', [TiesController::class, 'changeParents']);
        Route::get('parent-sets/{parentSet}/move', [TiesController::class, 'foretellChild']);
        Route::post('parent-sets/{parentSet}/move', [TiesController::class, 'moveChild']);
        Route::get('union-partners/{unionPartner}/move', [TiesController::class, 'foretellPartner']);
        Route::post('union-partners/{unionPartner}/move', [TiesController::class, 'movePartner']);
        Route::patch('unions/{union}', [UnionsController::class, 'update']);
        Route::put('unions/{union}/children', [TiesController::class, 'orderChildren']);
        Route::put('people/{person}/unions', [TiesController::class, 'orderUnions']);
        Route::post('people/{person}/notes', [NotesController::class, 'onPerson']);
        Route::post('facts/{fact}/notes', [NotesController::class, 'onFact']);
        Route::patch('notes/{note}', [NotesController::class, 'update']);
        Route::delete('notes/{note}', [NotesController::class, 'destroy']);
        Route::post('people/{person}/tasks', [TasksController::class, 'store']);
        Route::patch('tasks/{task}', [TasksController::class, 'update']);
        Route::delete('tasks/{task}', [TasksController::class, 'destroy']);
        Route::post('groups', [GroupsController::class, 'makeGroup']);
        Route::post('marks', [GroupsController::class, 'makeMark']);
        Route::delete('groups/{group}', [GroupsController::class, 'deleteGroup']);
        Route::delete('marks/{mark}', [GroupsController::class, 'deleteMark']);
        Route::put('people/{person}/groups/{group}', [GroupsController::class, 'putIntoGroup']);
        Route::delete('people/{person}/groups/{group}', [GroupsController::class, 'takeOutOfGroup']);
        Route::put('people/{person}/marks/{mark}', [GroupsController::class, 'markPerson']);
        Route::delete('people/{person}/marks/{mark}', [GroupsController::class, 'unmarkPerson']);
        Route::post('facts/{fact}/roles', [RolesController::class, 'store']);
        Route::delete('roles/{role}', [RolesController::class, 'destroy']);
        Route::post('world-events', [WorldEventsController::class, 'store']);
        Route::delete('world-events/{worldEvent}', [WorldEventsController::class, 'destroy']);
        Route::post('name-variants', [NameVariantsController::class, 'store']);
        Route::delete('name-variants/{nameVariant}', [NameVariantsController::class, 'destroy']);
        Route::post('event-kinds', [EventKindsController::class, 'store']);
        Route::delete('event-kinds/{eventKind}', [EventKindsController::class, 'destroy']);
        Route::delete('union-partners/{unionPartner}', [TiesController::class, 'partner']);
        Route::post('sources', [SourcesController::class, 'store']);
        Route::patch('sources/{source}', [SourcesController::class, 'update']);
        Route::post('sources/{source}/notes', [NotesController::class, 'onSource']);
        Route::patch('repositories/{repository}', [RepositoriesController::class, 'update']);
        Route::post('repositories/{repository}/notes', [NotesController::class, 'onRepository']);
        Route::put('sources/{source}/reckoning', [SourcesController::class, 'reckon']);
        Route::post('places', [PlacesController::class, 'store']);
        Route::patch('places/{place}', [PlacesController::class, 'update']);
        Route::put('places/{place}/reckoning', [PlacesController::class, 'reckon']);
        Route::delete('places/{place}', [PlacesController::class, 'destroy']);
        Route::post('places/{place}/names', [PlacePartsController::class, 'storeName']);
        Route::post('places/{place}/insides', [PlacePartsController::class, 'storeInside']);
        Route::post('places/{place}/churches', [PlacePartsController::class, 'storeChurch']);
        Route::delete('place-names/{placeName}', [PlacePartsController::class, 'destroyName']);
        Route::delete('place-insides/{placeInside}', [PlacePartsController::class, 'destroyInside']);
        Route::delete('place-churches/{placeChurch}', [PlacePartsController::class, 'destroyChurch']);
        Route::get('wordings', [WordingsController::class, 'index']);
        Route::post('wordings', [WordingsController::class, 'store']);
        Route::post('wordings/all', [WordingsController::class, 'all']);
        Route::post('journal/undo', [JournalController::class, 'undo']);
        Route::post('journal/redo', [JournalController::class, 'redo']);
        Route::post('journal/{change}/undo', [JournalController::class, 'undoOne']);
        Route::post('exchange/imports', [ExchangeController::class, 'store']);
        Route::delete('exchange/runs/{run}', [ExchangeController::class, 'cancel']);
        Route::post('exchange/runs/{run}/again', [ExchangeController::class, 'again']);
    });

    Route::prefix('trees/{tree}')->middleware('tree:owner')->group(function (): void {
        Route::patch('', [TreesController::class, 'update']);
        Route::post('copies', [CopiesController::class, 'store']);
        Route::put('reckoning', [TreesController::class, 'reckon']);
        Route::delete('', [TreesController::class, 'destroy']);
    });

    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::get('{any?}', Page::class)->where('any', '^(?!build/|fonts/).*$');
