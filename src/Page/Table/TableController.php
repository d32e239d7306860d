<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Examples\ExampleData;
use Rinkel\App\Making\Makings;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Table\BeginningPictures;
use Rinkel\App\Table\Found;
use Rinkel\App\Table\TableRequest;
use Rinkel\App\Table\TableRows;
use Rinkel\App\Table\WorkList;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Table page: the pieces on the go.
 */
final class TableController extends AbstractController
{
    public function __construct(
        private readonly Pieces $pieces,
        private readonly TableRows $rows,
        private readonly Found $found,
        private readonly Preferences $preferences,
        private readonly WorkList $work,
        private readonly BeginningPictures $pictures,
    ) {}

    #[Route('/', 'table', methods: 'GET')]
    public function table(
        Request $request,
        ExampleData $examples,
        Samples $samples,
        Makings $makings,
    ): Response {
        $putAway = $this->pieces->find(LooseData::query($request)->id('put_away'));
        $wanted = TableRequest::by($request);
        $work = LooseData::query($request);
        $looking = $this->found->look($wanted);
        $count = $this->found->count($wanted);

        $isNew = 0 === $count && !$wanted->archive && !$wanted->isNarrow() && [] === $this->pieces->archived();
        if ($isNew && [] === $this->work->lines(1)[0]) {
            return $this->welcome();
        }

        return $this->render('table/table.html.twig', [
            'examples' => $examples->isThere(),
            'pays' => $samples->hand()->isBlank() && $makings->isAnyMade(),
            'pieces' => $this->rows->all($this->found->pieces($wanted)),
            'asked' => $wanted,
            'work' => $wanted->archive ? [[], 0, [], []] : $this->work->lines(
                $work->has('work') ? \PHP_INT_MAX : WorkList::SHOWN,
                $work->text('state', 10),
                $work->text('for', 80),
                $this->found->meant($wanted),
            ),
            'work_state' => $work->text('state', 10),
            'work_for' => $work->text('for', 80),
            'count' => $count,
            'looking' => $looking,
            'pages' => (int) ceil($count / Found::PAGE),
            'constructions' => $this->found->constructions(),
            'put_away' => null !== $putAway && $putAway->isArchived() ? $this->rows->of($putAway) : null,
        ]);
    }

    private function welcome(): Response
    {
        return $this->render('table/welcome.html.twig', [
            'pictures' => $this->pictures->all(),
            'quick' => NewController::USUAL,
            'unit' => $this->preferences->unit(),
            'hand' => $this->preferences->custom(Custom::Hand),
            'languages' => Custom::LANGUAGES,
        ]);
    }

    #[Route('/keys', 'keys', methods: 'GET')]
    public function keys(): Response
    {
        return $this->render('settings/keys.html.twig');
    }
}
