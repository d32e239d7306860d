<?php

declare(strict_types=1);

namespace Rinkel\App\Controller;

use Rinkel\App\Entity\StoredPiece;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
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
    private const BLANK = ['girth' => '', 'unit' => 'cm', 'person' => ''];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly PieceReader $reader,
        private readonly Planner $planner,
        private readonly TranslatorInterface $translator,
    ) {}

    #[Route('/', 'table', methods: 'GET')]
    public function table(Request $request): Response
    {
        $putAway = $this->pieces->find($request->query->getInt('put_away'));
        $archive = $request->query->getBoolean('archive');

        return $this->render('table/table.html.twig', [
            'pieces' => array_map($this->row(...), $archive ? $this->pieces->archived() : $this->pieces->onTheTable()),
            'archive' => $archive,
            'put_away' => null !== $putAway && $putAway->isArchived() ? $this->row($putAway) : null,
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
        return $this->render('keys.html.twig');
    }

    #[Route('/pieces', 'piece_create', methods: 'POST')]
    public function create(Request $request): Response
    {
        $typed = [];
        foreach (self::BLANK + ['construction' => ''] as $field => $default) {
            $value = $request->request->all()[$field] ?? $default;
            $typed[$field] = \is_scalar($value) ? mb_scrub((string) $value) : $default;
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

            return $this->redirectToRoute('piece', ['id' => $this->pieces->add($this->planner->completed($piece))->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            $faults = array_column($unreadable->faults, 'sentence', 'path');

            return $this->choice($typed, ['girth' => $faults['wearer.girth'] ?? null, 'unit' => $faults['unit'] ?? null, 'construction' => $faults['construction'] ?? null]);
        }
    }

    /**
     * Returns on whom it is worn: as typed, or whoever was picked; where such a piece is usually worn.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     */
    private function worn(array $typed): array
    {
        $place = $this->planner->placeOf($typed['construction']);
        $person = '' === trim($typed['girth']) ? $this->people->find((int) $typed['person']) : null;
        $wearer = null === $person ? null : People::measured($person, $place) ?? People::measured($person, BodyPlace::Wrist);
        try {
            $wearer ??= new Wearer(Length::parse($typed['girth'], Unit::tryFrom($typed['unit']) ?? Unit::Centimetre), Measured::Snug);
        } catch (MeasureFailure) {
            return ['wearer' => ['girth' => $typed['girth']]]; // the reader says what is wrong with it
        }
        $isNeck = BodyPlace::Neck === $place;
        $wearer = $isNeck && $place !== $wearer->place ? $wearer->asNeck() : $wearer;

        return [
            'wearer' => ['place' => $place->value, 'girth' => (string) $wearer->girth, 'measured' => $wearer->measured->value, 'hand' => $wearer->hand?->__toString()],
            'length' => $isNeck ? (string) Drape::usual() : null,
        ];
    }

    /**
     * @param array<string, string>      $typed
     * @param array<string, string|null> $faults
     */
    private function choice(array $typed, array $faults): Response
    {
        $samples = [];
        foreach ($this->planner->constructions() as $id) {
            $samples[$id] = $this->planner->plan($this->reader->read([
                'format' => PieceReader::FORMAT,
                'version' => PieceReader::VERSION,
                'construction' => $id,
                'name' => $id,
                ...$this->worn(['girth' => '16 cm', 'person' => '', 'unit' => 'cm', 'construction' => $id]),
            ]));
        }

        return $this->render('table/new.html.twig', [
            'samples' => $samples,
            'people' => $this->people->all(),
            'typed' => $typed,
            'faults' => array_filter($faults),
            'unit' => Unit::tryFrom($typed['unit']) ?? Unit::Centimetre,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @return array{stored: StoredPiece, plan: Plan}
     */
    private function row(StoredPiece $stored): array
    {
        return ['stored' => $stored, 'plan' => $this->planner->plan($this->pieces->piece($stored))];
    }
}
