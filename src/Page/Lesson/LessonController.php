<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Lesson;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Knots\StoredKnot;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\Hands;
use Rinkel\App\Lesson\InCord;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Lesson\Where;
use Rinkel\App\Paper\LessonPaper;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Failure;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Lesson\Kind\DrawnLesson;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Lesson\Takes;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Knots pages: everything that is tied, begun, closed or finished, step by step, in the maker's own cord.
 */
#[Route('/knots')]
final class LessonController extends AbstractController
{
    /** In what a knot is tied, as it is typed. */
    private const FIELDS = ['in', 'fibre', 'thickness', 'cores', 'core'];

    private const SLUG = ['slug' => '[\p{Ll}-]{1,41}'];
    private const MOST_CORES = 60;

    /** Of a cord, in mm. */
    private const THICKNESS = [0.1, 30.0];

    public function __construct(
        private readonly LessonWords $words,
        private readonly Preferences $preferences,
        private readonly Boards $boards,
        private readonly Hands $hands,
        private readonly Where $where,
        private readonly Cords $cords,
        private readonly OwnKnots $own,
    ) {}

    #[Route('', 'knots', methods: 'GET')]
    public function all(): Response
    {
        $topics = [];
        foreach (Lessons::all()->ids() as $id) {
            $lesson = $this->lesson($id, null, null);
            $last = \count($lesson->frames) - 1;
            $topics[$lesson->topic->value][] = [
                'slug' => LessonWords::slug($id),
                'title' => $this->words->title($id),
                'for' => $this->words->for($id),
                'drawing' => $this->drawing($lesson, Cords::COLOURS)->frame($last, $this->words->title($id)),
            ];
        }

        $own = array_map(fn (StoredKnot $stored): array => [
            'uid' => $stored->uid(),
            'title' => $this->words->title($stored->name()),
            'drawing' => $this->tight($stored),
        ], $this->own->all());

        return $this->render('lesson/knots.html.twig', ['topics' => $topics, 'own' => $own]);
    }

    #[Route('/{slug}', 'knot', requirements: self::SLUG, methods: 'GET')]
    public function one(string $slug, Request $request, Samples $samples): Response
    {
        $text = self::texts($request);
        $board = $this->board($text('board'));
        $id = $this->id($slug);
        $lesson = $this->lesson($id, Side::tryFrom($text('hand')), $board);
        $frame = max(1, min(\count($lesson->frames), (int) ($text('frame') ?: 1))) - 1;
        $pieces = $this->where->pieces($id);
        $choices = $this->choices($id, $pieces);
        $faults = [];
        $in = $this->in($text, $choices, $board, $faults);
        $drawing = $this->drawing($lesson, $in->colours ?? Cords::COLOURS);
        $typed = array_combine(self::FIELDS, array_map($text, self::FIELDS));
        $frames = $this->frames($lesson, $drawing);

        return $this->render('lesson/knot.html.twig', [
            'slug' => $slug,
            ...$this->told($id),
            'lesson' => $lesson,
            'named' => Lessons::hasItsSide($id),
            'stage' => $drawing->stage($frame, $frames[$frame]['said'] ?? ''),
            'frame' => $frame,
            'frames' => $frames,
            'board' => $board,
            'in' => $in,
            'choices' => $choices,
            'typed' => $typed,
            'faults' => $faults,
            'takes' => null === $in ? null : $this->takes($id, $in, $samples->whole()),
            'pieces' => $pieces,
            'unit' => $this->preferences->unit(),
            'query' => array_filter(
                ['board' => (string) $board?->id(), 'hand' => $text('hand')] + $typed,
                static fn (string $value): bool => '' !== $value,
            ),
        ]);
    }

    private function takes(string $id, InCord $in, Hand $hand): ?Takes
    {
        $tension = Tension::tryFrom($this->preferences->all()['tension']);
        $known = KnownKnots::all()->and(...$this->own->known());

        return Takes::of($id, $in->cord, $in->core, $hand, $tension, $known);
    }

    /**
     * Returns a knot of somebody's own as it was pulled tight; nothing of one that cannot be read.
     */
    private function tight(StoredKnot $stored): string
    {
        $knot = $this->own->read($stored);

        return null === $knot
            ? ''
            : $this->drawing(DrawnLesson::tight($knot->word(), $knot->pulled), Cords::COLOURS)
                ->frame(0, $this->words->title($knot->word()));
    }

    /**
     * @return list<array{said: string, drawing: string}>
     */
    private function frames(Lesson $lesson, LessonDrawing $drawing): array
    {
        return array_map(function (int $i) use ($lesson, $drawing): array {
            $said = $this->words->frame($lesson, $i);

            return ['said' => $said, 'drawing' => $drawing->frame($i, $said)];
        }, array_keys($lesson->frames));
    }

    /**
     * @return array<string, mixed> what is said of a knot, whatever it is tied in
     */
    private function told(string $id): array
    {
        $own = $this->own->stored($id);

        return [
            'own' => null === $own ? null : ['uid' => $own->uid(), 'note' => $own->note()],
            'title' => $this->words->title($id),
            'for' => $this->words->for($id),
            'wrong' => $this->words->wrong($id),
            'fibres' => Fibre::cases(),
            'ends' => \in_array($id, ['singe', 'glue'], true)
                ? array_filter(Fibre::cases(), static fn (Fibre $fibre): bool => !$fibre->isElastic())
                : [],
        ];
    }

    /**
     * Answers with a card to print: all frames with what is said of them.
     */
    #[Route('/{slug}/card.pdf', 'knot_card', requirements: self::SLUG, methods: 'GET')]
    public function card(string $slug, Request $request, LessonPaper $paper): Response
    {
        $text = self::texts($request);
        $board = $this->board($text('board'));
        $id = $this->id($slug);
        $lesson = $this->lesson($id, Side::tryFrom($text('hand')), $board);
        $faults = [];
        $in = $this->in($text, $this->choices($id, $this->where->pieces($id)), $board, $faults);

        return new Response($paper->pdf($lesson, $this->preferences->unit(), $in->colours ?? Cords::COLOURS), headers: [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, $slug.'.pdf'),
        ]);
    }

    /**
     * @return \Closure(string): string what is asked for by name; nothing where it is no text
     */
    private static function texts(Request $request): \Closure
    {
        $asked = LooseData::query($request);

        return static fn (string $name): string => $asked->text($name, 40);
    }

    /**
     * @param list<StoredPiece> $pieces in which it is
     *
     * @return array<string, InCord> cords in which it can be looked at, by key
     */
    private function choices(string $id, array $pieces): array
    {
        $choices = $this->cords->all($pieces);

        return \in_array($id, ['singe', 'glue'], true) ? array_filter(
            $choices,
            static fn (InCord $one): bool => $one->cord->fibre->ending()->value === $id,
        ) : $choices;
    }

    /**
     * Returns the cord that is asked for, else that of the piece on the board, else the first there is.
     *
     * @param callable(string): string $text
     * @param array<string, InCord>    $choices
     * @param array<string, Message>   $faults  by field, added to; then there is none
     */
    private function in(callable $text, array $choices, ?StoredBoard $board, array &$faults): ?InCord
    {
        $in = 'typed' === $text('in') ? $this->typed($text, $faults) : $choices[$text('in')] ?? null;
        if (null !== $in || [] !== $faults) {
            return $in;
        }
        try {
            $in = null === $board ? null : $this->cords->of(
                $this->boards->plan($board)->draft->piece,
                'making-'.$board->making()->uid(),
            );
        } catch (Failure) {
            // The piece says itself what is wrong with it.
        }

        return $in
            ?? $choices[array_key_first($choices) ?? '']
            ?? $this->typed(static fn (): string => '', $faults, '1 mm');
    }

    /**
     * @param array<string, string> $colours
     */
    private function drawing(Lesson $lesson, array $colours): LessonDrawing
    {
        return new LessonDrawing($lesson, $colours, $this->words->letters());
    }

    private function id(string $slug): string
    {
        foreach ($this->hands->lessons()->ids() as $id) {
            if (LessonWords::slug($id) === $slug) {
                return $id;
            }
        }

        throw $this->createNotFoundException();
    }

    /**
     * Returns a lesson by the hand that is asked for, else by the maker's own: as the piece on the board begins, or as
     * they work.
     */
    private function lesson(string $id, ?Side $hand, ?StoredBoard $board): Lesson
    {
        $habits = $board?->making()->document()['habits'] ?? null;
        $begins = \is_array($habits) && \is_string($habits['side'] ?? null) ? Side::tryFrom($habits['side']) : null;
        $lesson = null === $hand ? $this->hands->lesson($id, $begins) : $this->hands->lessons()->named($id, $hand);

        return $lesson ?? throw $this->createNotFoundException();
    }

    private function board(string $id): ?StoredBoard
    {
        return 1 === preg_match('/^\d{1,18}$/D', $id) ? $this->boards->find((int) $id) : null;
    }

    /**
     * @param callable(string): string $text
     * @param array<string, Message>   $faults by field, added to
     * @param string                   $usual  how thick it is when nothing is said
     */
    private function typed(callable $text, array &$faults, string $usual = ''): ?InCord
    {
        $lengths = [];
        foreach (['thickness', 'core'] as $field) {
            $typed = ($text($field) ?: ('core' === $field ? $text('thickness') : '')) ?: $usual;
            try {
                $lengths[$field] = $length = Cord::thicknessOf($typed);
                [$least, $most] = array_map(Length::ofMillimetres(...), self::THICKNESS);
                if ($length->isShorterThan($least) || $length->isLongerThan($most)) {
                    throw LengthOutOfRange::outside($length, $least, $most, Unit::Millimetre);
                }
            } catch (Failure $failure) {
                $faults[$field] = $failure->said();
            }
        }
        $cores = '' === $text('cores') ? '2' : $text('cores');
        if (1 !== preg_match('/^[1-9]\d?$/D', $cores) || (int) $cores > self::MOST_CORES) {
            $faults['cores'] = new Message('cores-absurd', ['typed' => $cores, 'most' => self::MOST_CORES]);
        }
        if ([] !== $faults || !isset($lengths['thickness'], $lengths['core'])) {
            return null;
        }
        $cord = new Cord(
            Fibre::tryFrom($text('fibre')) ?? Fibre::Polyester,
            $lengths['thickness'],
            Colour::parse(Cords::COLOURS['working']),
        );

        return new InCord('typed', '', $cord, new Bundle($lengths['core'], (int) $cores), Cords::COLOURS);
    }
}
