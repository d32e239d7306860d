<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Board;

use Rinkel\App\Board\Days;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\App\Table\BenchCalendar;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * A day at the bench: pieces are chosen, and the order is told in which all of them are done earliest.
 */
final class DayController extends AbstractController
{
    public function __construct(private readonly Days $days) {}

    /**
     * The work by days: what is due first is done first, and what will be late is in sight.
     */
    #[Route('/bench', 'bench', methods: 'GET')]
    public function bench(BenchCalendar $calendar): Response
    {
        return $this->render('board/bench.html.twig', ['days' => $calendar->now()]);
    }

    #[Route('/day', 'day', methods: 'GET')]
    public function show(Request $request): Response
    {
        $begin = RequestData::query($request)->like('begin', '/^([01]?\d|2[0-3]):[0-5]\d$/D', '09:00');

        return $this->render('board/day.html.twig', [
            'pieces' => $this->days->pieces(),
            'day' => $this->days->of(RequestData::query($request)->ids('p'), $begin),
            'begin' => $begin,
        ]);
    }
}
