<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Table\Beginnings;
use Rinkel\App\Table\Design;
use Rinkel\App\Table\Shelf;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Ready designs to learn from: what each teaches, how long it takes and what it needs, made in one press.
 */
final class LibraryController extends AbstractController
{
    public function __construct(
        private readonly Shelf $shelf,
        private readonly Beginnings $beginnings,
        private readonly Preferences $preferences,
        private readonly LessonWords $words,
    ) {}

    #[Route('/library', 'library', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $typed = ['girth' => trim($asked->text('girth', 40)), 'teaches' => $asked->text('teaches', 40)];
        $shelf = $this->shelf->designs();
        $others = $this->shelf->others();
        $all = [...$shelf['around'], ...$shelf['neck'], ...$others['around'], ...$others['neck']];
        $asks = static fn (Design $one): array => [$one->effort->level(), $one->effort->minutes];
        uasort($all, static fn (Design $one, Design $other): int => $asks($one) <=> $asks($other));
        $lessons = array_unique(
            array_merge(...array_map(static fn (Design $one): array => $one->effort->lessons, array_values($all))),
        );
        $titles = array_combine($lessons, array_map($this->words->title(...), $lessons));
        asort($titles);
        [$needs, $fault] = $this->needs($typed['girth']);

        return $this->render('table/library.html.twig', [
            'typed' => $typed,
            'fault' => $fault,
            'lessons' => $titles,
            'titles' => $titles,
            'designs' => array_filter($all, static fn (Design $one): bool => '' === $typed['teaches']
                || \in_array($typed['teaches'], $one->effort->lessons, true)),
            'neck' => array_keys($shelf['neck'] + $others['neck']),
            'needs' => $needs,
            'unit' => $this->preferences->unit(),
        ], new Response(status: null === $fault ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @return array{array<string, Design>, Message|null} what each needs for that measure, and what is wrong with it
     */
    private function needs(string $girth): array
    {
        if ('' === $girth) {
            return [[], null];
        }
        $typed = ['girth' => $girth, 'unit' => $this->preferences->unit()->value, 'place' => 'wrist'];
        try {
            $usual = $this->preferences->beginning();

            return [$this->beginnings->needs($typed, $usual) + $this->beginnings->othersNeed($typed, $usual), null];
        } catch (PieceUnreadable $unreadable) {
            return [[], $unreadable->faults[0]->said ?? null];
        }
    }
}
