<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Practice;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceViews;
use Rinkel\App\Practice\CourseBook;
use Rinkel\App\Practice\RehearsalRequest;
use Rinkel\App\Practice\Rehearsals;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * A piece made without cord: its maker chooses each move and is told what comes of it, or watches.
 */
final class RehearsalController extends AbstractController
{
    public function __construct(
        private readonly Rehearsals $rehearsals,
        private readonly Pieces $pieces,
        private readonly PieceViews $views,
        private readonly CourseBook $course,
    ) {}

    #[Route('/pieces/{id}/rehearsal', 'piece_rehearsal', requirements: ['id' => '[0-9]{1,18}'], methods: 'GET')]
    public function piece(int $id, Request $request): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        try {
            $plan = $this->views->plan($stored);
        } catch (PieceUnreadable) {
            return $this->redirectToRoute('piece', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->page($plan, $request, 'piece_rehearsal', ['id' => $id], ['piece', ['id' => $id]]);
    }

    #[Route(
        '/course/{number}/rehearsal',
        'evening_rehearsal',
        requirements: ['number' => '[0-9]{1,2}'],
        methods: 'GET',
    )]
    public function evening(int $number, Request $request): Response
    {
        $evening = TenEvenings::evenings()[$number] ?? throw $this->createNotFoundException();
        try {
            $plan = $this->course->plan($evening);
        } catch (PieceUnreadable) {
            return $this->redirectToRoute('evening', ['number' => $number], Response::HTTP_SEE_OTHER);
        }

        return $this->page(
            $plan,
            $request,
            'evening_rehearsal',
            ['number' => $number],
            ['evening', ['number' => $number]],
            $number,
        );
    }

    /**
     * @param array<string, int>                $of   what is rehearsed
     * @param array{string, array<string, int>} $back where it is looked at
     */
    private function page(
        Plan $plan,
        Request $request,
        string $route,
        array $of,
        array $back,
        ?int $evening = null,
    ): Response {
        return $this->render(
            $request->headers->has('HX-Request') ? 'rehearsal/_moment.html.twig' : 'rehearsal/rehearsal.html.twig',
            [
                'view' => $this->rehearsals->view($plan, RehearsalRequest::of($request)),
                'route' => $route,
                'of' => $of,
                'back' => $back,
                'evening' => $evening,
            ],
            new Response(headers: ['Vary' => 'HX-Request']),
        );
    }
}
