<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Practice;

use Random\Randomizer;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Practice\Bands;
use Rinkel\App\Practice\Practices;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Core\Practice\Question;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Practice: one question at a time, answered by one press, with the reason at once.
 */
#[Route('/practice')]
final class PracticeController extends AbstractController
{
    public function __construct(
        private readonly Practices $practices,
        private readonly Bands $bands,
        private readonly Preferences $preferences,
        private readonly Randomizer $chance,
        private readonly LessonWords $words,
    ) {}

    #[Route('', 'practice', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $exercise = isset(Exercises::all()[$asked->raw('of')])
            ? $asked->raw('of')
            : $this->practices->due() ?? array_key_first(Exercises::all());
        [$seed, $answer] = self::answered($asked);

        return null !== $seed && null !== $answer && isset($this->practices->question($exercise, $seed)->answers[$answer])
            ? $this->page($exercise, $seed, $answer)
            : $this->page($exercise, $this->chance->getInt(1, 999_999_999), null);
    }

    #[Route('', 'practice_answer', methods: 'POST')]
    public function answer(Request $request): Response
    {
        $sent = LooseData::form($request);
        [$of, [$seed, $answer]] = [$sent->raw('of'), self::answered($sent)];
        $question = null === $seed ? null : $this->practices->question($of, $seed);
        if (null === $question || null === $answer || !isset($question->answers[$answer])) {
            return $this->redirectToRoute('practice', [], Response::HTTP_SEE_OTHER);
        }
        $this->practices->answered($of, $question->right === $answer);

        return $this->redirectToRoute('practice', compact('of', 'seed', 'answer'), Response::HTTP_SEE_OTHER);
    }

    /**
     * @return array{int|null, int|null} the seed of a question, and the answer to it
     */
    private static function answered(LooseData $sent): array
    {
        return [$sent->exact('seed', 0, 999_999_999), $sent->exact('answer', 0, 9)];
    }

    /**
     * Returns what there is to look at; once it was answered, what comes next.
     */
    private function picture(Question $question, bool $isAnswered): string
    {
        $shown = $question->shown;
        if (null === $shown) {
            return null === $question->pattern ? '' : $this->bands->drawn($question->pattern);
        }
        $lesson = Lessons::all()->named($shown->lesson, $shown->side) ?? throw $this->createNotFoundException();
        $frame = $shown->frame + ($isAnswered ? 1 : 0);

        return (new LessonDrawing($lesson, Cords::COLOURS, $this->words->letters()))
            ->frame($frame, $this->words->frame($lesson, $frame));
    }

    private function page(string $exercise, int $seed, ?int $answer): Response
    {
        $question = $this->practices->question($exercise, $seed) ?? throw $this->createNotFoundException();

        return $this->render('practice/practice.html.twig', [
            'exercise' => $exercise,
            'seed' => $seed,
            'question' => $question,
            'answer' => $answer,
            'picture' => $this->picture($question, null !== $answer),
            'boxes' => $this->practices->boxes(),
            'due' => $this->practices->due(),
            'unit' => $this->preferences->unit(),
        ]);
    }
}
