<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Lesson;

use Rinkel\App\Document\NumbersDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Svg\RuleChart;
use Rinkel\Core\Failure;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Sizing\QuotedNumbers;
use Rinkel\Core\Sizing\ThumbRules;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Numbers to look up, to print and to quote: as plans compute them, in a maker's own cord and by their own hand.
 */
final class NumbersController extends AbstractController
{
    private const THICKNESS = [0.2, 12.0];

    public function __construct(
        private readonly Samples $samples,
        private readonly Preferences $preferences,
        private readonly TranslatorInterface $translator,
    ) {}

    #[Route('/numbers', 'numbers', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $typed = ['fibre' => $asked->text('fibre', 20), 'thickness' => $asked->text('thickness', 40)];
        [$cord, $fault] = $this->cord($typed);
        $numbers = $this->numbers($cord);
        $unit = $this->preferences->unit();
        $ten = $unit->isImperial() ? Length::ofInches(4) : Length::ofCentimetres(10);

        return $this->render('lesson/numbers.html.twig', [
            'typed' => ['fibre' => $cord->fibre->value] + $typed,
            'fault' => $fault,
            'cord' => $cord,
            'fibres' => Fibre::cases(),
            'numbers' => $numbers,
            'knots' => $numbers->knotsIn($ten),
            'ten' => $ten,
            'unit' => $unit,
            'rules' => $this->charts($numbers),
        ], new Response(status: null === $fault ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    #[Route('/numbers.json', 'numbers_file', methods: 'GET')]
    public function document(Request $request): Response
    {
        $asked = LooseData::query($request);
        [$cord, $fault] = $this->cord(
            ['fibre' => $asked->text('fibre', 20), 'thickness' => $asked->text('thickness', 40)],
        );
        if (null !== $fault) {
            return $this->show($request); // which says what is wrong
        }

        return JsonAnswer::file((new NumbersDocument())->of($this->numbers($cord), $cord), 'rinkel-numbers.json');
    }

    /**
     * @return array<string, string> drawings of rules of thumb, by rule
     */
    private function charts(QuotedNumbers $numbers): array
    {
        $charts = [];
        foreach ((new ThumbRules($numbers))->all() as $rule) {
            $charts[$rule->id] = RuleChart::of(
                $rule,
                $this->translator->trans('numbers.chart.'.$rule->id),
                $this->translator->trans('numbers.said.'.$rule->id),
            );
        }

        return $charts;
    }

    private function numbers(Cord $cord): QuotedNumbers
    {
        $tension = Tension::tryFrom($this->preferences->all()['tension']);

        return new QuotedNumbers($cord, $tension, $this->samples->hand());
    }

    /**
     * @param array{fibre: string, thickness: string} $typed
     *
     * @return array{Cord, Message|null} and what is wrong with it; then another is shown
     */
    private function cord(array $typed): array
    {
        $fibre = Fibre::tryFrom($typed['fibre']) ?? Fibre::WaxedCotton;
        $thickness = Length::ofMillimetres(1);
        $fault = null;
        try {
            $said = '' === $typed['thickness'] ? $thickness : Cord::thicknessOf($typed['thickness']);
            [$least, $most] = array_map(Length::ofMillimetres(...), self::THICKNESS);
            if ($said->isShorterThan($least) || $said->isLongerThan($most)) {
                throw LengthOutOfRange::outside($said, $least, $most, Unit::Millimetre);
            }
            $thickness = $said;
        } catch (Failure $failure) {
            $fault = $failure->said();
        }

        return [new Cord($fibre, $thickness, Colour::parse(Cords::COLOURS['working'])), $fault];
    }
}
