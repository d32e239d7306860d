<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Practice;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Practice\CourseBook;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\Core\Failure;
use Rinkel\Core\Lesson\CourseStep;
use Rinkel\Core\Lesson\Evening;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The course: ten evenings, each with its knots, a piece to be made without cord and with it, and what is behind one.
 */
#[Route('/course')]
final class CourseController extends AbstractController
{
    private const NUMBER = ['number' => '[0-9]{1,2}'];

    public function __construct(
        private readonly CourseBook $course,
        private readonly Preferences $preferences,
        private readonly Pieces $pieces,
        private readonly LessonWords $words,
    ) {}

    #[Route('', 'course', methods: 'GET')]
    public function show(): Response
    {
        return $this->page();
    }

    /**
     * Keeps for which wrist the pieces are, if they can be made for it.
     */
    #[Route('', 'course_wrist', methods: 'POST')]
    public function wrist(Request $request): Response
    {
        $typed = LooseData::form($request)->text('wrist', 40);
        try {
            $wrist = Length::parse($typed, $this->preferences->unit());
            foreach (TenEvenings::evenings() as $evening) {
                $this->course->piece($evening, $wrist);
            }
            $this->course->keep($this->course->record()->for($wrist));
        } catch (PieceUnreadable $unreadable) {
            return $this->page($typed, $unreadable->faults[0]->said ?? null);
        } catch (Failure $failure) {
            return $this->page($typed, $failure->said());
        }

        return $this->redirectToRoute('course', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{number}.svg', 'evening_picture', requirements: self::NUMBER, methods: 'GET')]
    public function picture(int $number, DrawingFile $files): Response
    {
        return $files->response($this->course->designs()[$number]->picture ?? throw $this->createNotFoundException());
    }

    #[Route('/{number}', 'evening', requirements: self::NUMBER, methods: 'GET')]
    public function evening(int $number): Response
    {
        $evening = $this->named($number);
        try {
            $plan = $this->course->plan($evening);
        } catch (PieceUnreadable) {
            $plan = null; // of habits that no piece of it can have
        }

        return $this->render('course/evening.html.twig', [
            'evening' => $evening,
            'plan' => $plan,
            'cautions' => array_filter(
                $plan->checks ?? [],
                static fn (Check $check): bool => Severity::Caution === $check->severity,
            ),
            'done' => $this->course->record()->steps($number),
            'wrist' => $this->course->wrist(),
            'practised' => $this->course->isPractised($evening),
            'design' => $this->course->designs()[$number],
            'last' => \count(TenEvenings::evenings()),
            'unit' => $this->preferences->unit(),
            'lessons' => $this->titles($this->course->teaches()[$number]),
        ]);
    }

    /**
     * Notes that a step is behind a learner, or not.
     */
    #[Route('/{number}', 'evening_step', requirements: self::NUMBER, methods: 'POST')]
    public function step(int $number, Request $request): Response
    {
        $evening = $this->named($number);
        $sent = LooseData::form($request);
        $step = CourseStep::tryFrom($sent->raw('step'));
        if (null !== $step) {
            $record = $this->course->record();
            $this->course->keep($sent->has('undo') ? $record->without($number, $step) : $record->with($number, $step));
        }

        return $this->redirectToRoute('evening', ['number' => $evening->number], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{number}/piece', 'evening_piece', requirements: self::NUMBER, methods: 'POST')]
    public function make(int $number): Response
    {
        try {
            $piece = $this->course->piece($this->named($number));
        } catch (PieceUnreadable) {
            return $this->redirectToRoute('evening', ['number' => $number], Response::HTTP_SEE_OTHER);
        }
        $stored = $this->pieces->add($piece->renamed($this->pieces->freeName($piece->name)));

        return $this->redirectToRoute('piece', ['id' => $stored->id()], Response::HTTP_SEE_OTHER);
    }

    private function page(?string $typed = null, ?Message $fault = null): Response
    {
        $record = $this->course->record();
        $unit = $this->preferences->unit();

        return $this->render('course/course.html.twig', [
            'evenings' => TenEvenings::evenings(),
            'designs' => $this->course->designs(),
            'record' => $record,
            'typed' => $typed ?? (null === $record->wrist ? '' : (string) $record->wrist->written($unit)),
            'fault' => $fault,
            'unit' => $unit,
            'teaches' => array_map($this->titles(...), $this->course->teaches()),
        ], new Response(status: null === $fault ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @param list<string> $lessons
     *
     * @return array<string, string> titles by slug
     */
    private function titles(array $lessons): array
    {
        return array_combine(
            array_map(LessonWords::slug(...), $lessons),
            array_map($this->words->title(...), $lessons),
        );
    }

    private function named(int $number): Evening
    {
        return TenEvenings::evenings()[$number] ?? throw $this->createNotFoundException();
    }
}
