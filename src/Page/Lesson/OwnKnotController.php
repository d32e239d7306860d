<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Lesson;

use Rinkel\App\Jobs\Jobs;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Knots\KeptKnots;
use Rinkel\App\Knots\KnotDraft;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Knots\StoredKnot;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Svg\KnotPaper;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Lesson\Kind\DrawnLesson;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Tight\KnotPuller;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Knots of a maker's own: drawn on squared paper, pulled tight on the computer, then tied in pieces like any other.
 */
#[Route('/knots')]
final class OwnKnotController extends AbstractController
{
    private const UID = ['uid' => '[0-9a-f]{32}'];

    public function __construct(
        private readonly OwnKnots $knots,
        private readonly TranslatorInterface $translator,
        private readonly Wording $wording,
    ) {}

    #[Route('/draw', 'knot_draw', methods: 'GET', priority: 1)]
    public function draw(Request $request): Response
    {
        $asked = LooseData::query($request);
        $stored = $this->knots->withUid($asked->raw('knot'));
        $knot = null === $stored ? null : $this->knots->read($stored);
        $draft = null === $stored || null === $knot ? $this->typed($asked) : KnotDraft::from($stored, $knot);
        $draft = $draft->after($asked->text('deed', 40));
        $url = $this->generateUrl(
            'knot_draw',
            array_filter($draft->typed, static fn (string $text): bool => '' !== $text),
        );
        if ($request->headers->has('HX-Request')) {
            $response = $this->paper($draft);
            $response->headers->set('HX-Replace-Url', $url); // loaded again, no deed is done again

            return $response;
        }

        return $asked->has('deed') ? $this->redirect($url) : $this->paper($draft);
    }

    /**
     * Has a knot pulled tight beside the pages, which takes half a minute, and kept.
     */
    #[Route('/draw', 'knot_pull', methods: 'POST', priority: 1)]
    #[ChangesNothing]
    public function pull(Request $request, Jobs $jobs): Response
    {
        $draft = $this->typed(LooseData::form($request));
        if (!$draft->canBePulled()) {
            return $this->paper($draft, Response::HTTP_UNPROCESSABLE_ENTITY);
        }

        return $this->redirectToRoute('job', ['uid' => $jobs->begin('pull', $draft->typed)], Response::HTTP_SEE_OTHER);
    }

    #[Route('/own/{uid}', 'own_knot', requirements: self::UID, methods: 'GET')]
    public function show(string $uid, LessonWords $words): Response
    {
        $stored = $this->stored($uid);
        $knot = $this->knot($stored);
        $drawing = new LessonDrawing(
            DrawnLesson::tight($knot->word(), $knot->pulled),
            Cords::COLOURS,
            $words->letters(),
        );

        return $this->render('lesson/own.html.twig', [
            'stored' => $stored,
            'knot' => $knot,
            'title' => $words->title($knot->word()),
            'slug' => LessonWords::slug($knot->word()),
            'name' => KnotPuller::name($knot->way),
            'tight' => $drawing->frame(0, $this->translator->trans('own.tight-label', ['knot' => $knot->word()])),
            'paper' => KnotPaper::of(
                $knot->way,
                $this->translator->trans('own.paper-label', ['count' => \count($knot->way->crossings)]),
            ),
        ]);
    }

    /**
     * Answers with a knot in the open format.
     */
    #[Route('/own/{uid}.json', 'own_knot_file', requirements: self::UID, methods: 'GET')]
    public function download(string $uid, KnotReader $reader): Response
    {
        $knot = $this->knot($this->stored($uid));

        return JsonAnswer::file($reader->write($knot), LessonWords::slug($knot->word()).'.rinkel-knot.json');
    }

    #[Route('/own/{uid}/delete', 'own_knot_delete', requirements: self::UID, methods: 'POST')]
    public function delete(string $uid, Bin $bin, KeptKnots $kept): Response
    {
        $bin->put($kept, $this->stored($uid));

        return $this->redirectToRoute('knots', status: Response::HTTP_SEE_OTHER);
    }

    private function typed(LooseData $said): KnotDraft
    {
        return KnotDraft::of($said, $this->wording->overs($said->text('crossings', KnotDraft::LONGEST), true));
    }

    private function paper(KnotDraft $draft, int $status = Response::HTTP_OK): Response
    {
        $count = \count($draft->way->crossings ?? []);

        return $this->render('lesson/draw.html.twig', [
            'draft' => $draft,
            'paper' => KnotPaper::of($draft->way, $this->translator->trans('own.paper-label', ['count' => $count])),
        ], new Response(status: $status));
    }

    private function stored(string $uid): StoredKnot
    {
        return $this->knots->withUid($uid) ?? throw $this->createNotFoundException();
    }

    private function knot(StoredKnot $stored): DrawnKnot
    {
        return $this->knots->read($stored) ?? throw $this->createNotFoundException();
    }
}
