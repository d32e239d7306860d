<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The Table page, the pieces on the go, and the way to a new one.
 */
final class TableController extends AbstractController
{
    private const BLANK = ['place' => 'wrist', 'girth' => '', 'unit' => 'cm', 'person' => ''];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly PieceReader $reader,
        private readonly Planner $planner,
        private readonly Rows $rows,
        private readonly TranslatorInterface $translator,
    ) {}

    #[Route('/', 'table', methods: 'GET')]
    public function table(Request $request): Response
    {
        $query = $request->query->all();
        $asked = $query['put_away'] ?? '';
        $putAway = $this->pieces->find(\is_string($asked) && 1 === preg_match('/^[0-9]{1,18}$/D', $asked) ? (int) $asked : 0);
        $archive = '1' === ($query['archive'] ?? '');

        return $this->render('table/table.html.twig', [
            'pieces' => array_map($this->rows->of(...), $archive ? $this->pieces->archived() : $this->pieces->onTheTable()),
            'archive' => $archive,
            'put_away' => null !== $putAway && $putAway->isArchived() ? $this->rows->of($putAway) : null,
        ]);
    }

    #[Route('/new', 'piece_new', methods: 'GET')]
    public function new(): Response
    {
        return $this->choice(self::BLANK, []);
    }

    #[Route('/keys', 'keys', methods: 'GET')]
    public function keys(): Response
    {
        return $this->render('settings/keys.html.twig');
    }

    #[Route('/pieces', 'piece_create', methods: 'POST')]
    public function create(Request $request): Response
    {
        $typed = [];
        foreach (self::BLANK + ['construction' => ''] as $field => $default) {
            $value = $request->request->all()[$field] ?? $default;
            $typed[$field] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 200) : $default;
        }
        $name = $this->translator->trans('construction.'.$typed['construction'].'.piece');
        try {
            $piece = $this->reader->read([
                'format' => PieceReader::FORMAT,
                'version' => PieceReader::VERSION,
                'construction' => $typed['construction'],
                'name' => str_starts_with($name, 'construction.') ? 'Piece' : $name,
                'unit' => $typed['unit'],
                ...$this->worn($typed),
            ]);
            $this->planner->draft($piece);

            return $this->redirectToRoute('piece', ['id' => $this->pieces->add($piece)->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            $faults = array_column($unreadable->faults, 'sentence', 'path');

            return $this->choice($typed, [
                'girth' => $faults['wearer.girth'] ?? null,
                'unit' => $faults['unit'] ?? null,
                'construction' => $faults['construction'] ?? $faults['wearer.place'] ?? (isset($faults['wearer.girth']) || isset($faults['unit']) ? null : $unreadable->getMessage()),
            ]);
        }
    }

    /**
     * Returns on whom it is worn and where: as typed, or as whoever was picked was measured there.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     *
     * @throws PieceUnreadable If such a piece is not worn there, or she was not measured there
     */
    private function worn(array $typed): array
    {
        $place = BodyPlace::tryFrom($typed['place']) ?? BodyPlace::Wrist;
        if (!\in_array($place, $this->planner->placesOf($typed['construction']), true) && [] !== $this->planner->placesOf($typed['construction'])) {
            throw PieceUnreadable::because([new Fault('wearer.place', $this->translator->trans('new.not-worn-there'))]);
        }
        $length = BodyPlace::Neck === $place ? (string) Drape::usual() : null;
        $person = '' === trim($typed['girth']) ? $this->people->find((int) $typed['person']) : null;
        if (null === $person) {
            return ['wearer' => ['place' => $place->value, 'girth' => $typed['girth']], 'length' => $length]; // the reader says what is wrong with it
        }
        $wearer = People::measured($person, $place) ?? throw PieceUnreadable::because([new Fault('wearer.girth', $this->translator->trans('new.not-measured', ['name' => $person->name(), 'place' => $place->value]))]);

        return [
            'wearer' => ['place' => $place->value, 'girth' => (string) $wearer->girth, 'measured' => $wearer->measured->value, 'hand' => $wearer->hand?->__toString()],
            'length' => $length,
        ];
    }

    /**
     * @param array<string, string>      $typed
     * @param array<string, string|null> $faults
     */
    private function choice(array $typed, array $faults): Response
    {
        $samples = ['around' => [], 'neck' => []];
        foreach ($this->planner->constructions() as $id) {
            $places = $this->planner->placesOf($id);
            foreach (['around' => BodyPlace::Wrist, 'neck' => BodyPlace::Neck] as $group => $place) {
                if (\in_array($place, $places, true)) {
                    $samples[$group][$id] = $this->sample($id, $place);
                }
            }
        }

        return $this->render('table/new.html.twig', [
            'samples' => $samples,
            'people' => $this->people->all(),
            'typed' => $typed,
            'group' => BodyPlace::Neck->value === $typed['place'] ? 'neck' : 'around',
            'faults' => array_filter($faults, is_string(...)),
            'unit' => Unit::tryFrom($typed['unit']) ?? Unit::Centimetre,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    private function sample(string $construction, BodyPlace $place): Plan
    {
        return $this->planner->plan($this->reader->read([
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => $construction,
            'name' => $construction,
            ...$this->worn(['place' => $place->value, 'girth' => BodyPlace::Neck === $place ? '34 cm' : '16 cm', 'person' => '', 'construction' => $construction]),
        ]));
    }
}
