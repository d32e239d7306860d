<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

use Psr\Clock\ClockInterface;
use Random\Randomizer;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Platform\Files\Json;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\LooseData;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What a maker keeps, for other programs: the same documents as in files, through the same door.
 */
#[Route(self::PATH)]
final class ApiController extends AbstractController
{
    public const PATH = '/api/v1';
    public const LARGEST = 4_000_000;

    /** Rows of one answer, usually and at most. */
    public const PAGE = [50, 200];

    private const OF = ['of' => 'pieces|knots|people|samples|stock|orders|makings|boards|days|log'];
    private const ONE = self::OF + ['uid' => '[0-9a-f]{32}'];

    public function __construct(
        private readonly Everything $everything,
        private readonly Bin $bin,
        private readonly ClockInterface $clock,
        private readonly Randomizer $chance,
    ) {}

    #[Route('/', 'api', methods: 'GET')]
    public function index(): Response
    {
        return new JsonResponse([
            'version' => 1,
            'description' => $this->generateUrl('api_description'),
            'read me' => $this->generateUrl('api_docs'),
            'resources' => array_map(
                fn (ApiKind $one): string => $this->generateUrl('api_list', ['of' => $one->value]),
                array_column(ApiKind::cases(), null, 'value'),
            ),
        ]);
    }

    #[Route('/{of}', 'api_list', requirements: self::OF, methods: 'GET')]
    public function list(string $of, Request $request): Response
    {
        $asked = LooseData::query($request);
        $page = self::whole($asked, 'page', 1, 1_000_000, 1);
        $per = self::whole($asked, 'per', 1, self::PAGE[1], self::PAGE[0]);
        [$shows, $kind] = $this->kept($of);
        $uids = [...$kind->uids()];
        $items = [];
        foreach (\array_slice($uids, $per * ($page - 1), $per) as $uid) {
            $stored = $kind->find($uid);
            if (null !== $stored) {
                $items[] = $shows->shown($kind->row($stored));
            }
        }
        $pages = max(1, (int) ceil(\count($uids) / $per));
        $links = [];
        foreach (['first' => 1, 'prev' => $page - 1, 'next' => $page + 1, 'last' => $pages] as $to => $number) {
            if ($number >= 1 && $number <= $pages) {
                $url = $this->generateUrl('api_list', ['of' => $of, 'page' => $number, 'per' => $per]);
                $links[] = '<'.$url.'>; rel="'.$to.'"';
            }
        }

        return self::said(
            ['count' => \count($uids), 'page' => $page, 'pages' => $pages, 'items' => $items],
            ['Link' => implode(', ', $links)],
        );
    }

    #[Route('/{of}', 'api_add', requirements: self::OF, methods: 'POST')]
    public function add(string $of, Request $request): Response
    {
        [$shows, $kind] = $this->written($of);
        $sent = self::sent($request);
        $uid = bin2hex($this->chance->getBytes(16));
        $row = $kind->read(
            ['uid' => $uid] + $sent + $shows->usual($this->clock->now()->format(\DATE_ATOM)),
        );
        $this->bin->bring($kind, $row);

        return new Response(status: Response::HTTP_CREATED, headers: [
            'Location' => $this->generateUrl('api_one', ['of' => $of, 'uid' => $uid]),
        ]);
    }

    #[Route('/{of}/{uid}', 'api_one', requirements: self::ONE, methods: 'GET')]
    public function one(string $of, string $uid, Request $request): Response
    {
        [$shows, $kind] = $this->kept($of);
        $shown = $shows->shown($kind->row($this->found($kind, $uid)));
        $response = self::said($shown, ['ETag' => self::mark($shown)]);
        $response->isNotModified($request);

        return $response;
    }

    /**
     * Makes one what is sent; what is not said of it stays. What it was lies in the bin.
     */
    #[Route('/{of}/{uid}', 'api_change', requirements: self::ONE, methods: 'PUT')]
    public function change(string $of, string $uid, Request $request): Response
    {
        [$shows, $kind] = $this->written($of);
        $stored = $this->found($kind, $uid);
        $before = $kind->row($stored);
        $this->demand($request, $shows->shown($before));
        $hidden = array_diff_key($before, $shows->shown($before));
        $usual = array_intersect_key($before, $shows->usual(''));
        $row = $kind->read(['uid' => $uid] + self::sent($request) + $hidden + $usual);
        $this->bin->note($kind, $stored);
        $this->bin->bring($kind, $row);

        return new Response(status: Response::HTTP_NO_CONTENT, headers: [
            'ETag' => self::mark($shows->shown($kind->row($this->found($kind, $uid)))),
        ]);
    }

    /**
     * Deletes one; it can be had back for as long as anything.
     */
    #[Route('/{of}/{uid}', 'api_delete', requirements: self::ONE, methods: 'DELETE')]
    public function delete(string $of, string $uid, Request $request): Response
    {
        [$shows, $kind] = $this->written($of);
        $stored = $this->found($kind, $uid);
        $this->demand($request, $shows->shown($kind->row($stored)));
        $this->bin->put($kind, $stored);

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /**
     * @return array{ApiKind, Kept}
     */
    private function kept(string $of): array
    {
        $shows = ApiKind::from($of);

        return [
            $shows,
            $this->everything->named($shows->word()) ?? throw new Problem(404, 'There is nothing of that kind.'),
        ];
    }

    /**
     * @return array{ApiKind, Kept}
     */
    private function written(string $of): array
    {
        [$shows, $kind] = $this->kept($of);

        return $shows->isWritten() ? [$shows, $kind] : throw new Problem(405, 'Rinkel alone writes these.');
    }

    private function found(Kept $kind, string $uid): object
    {
        return $kind->find($uid) ?? throw new Problem(404, 'There is none with this uid.');
    }

    /**
     * What is changed or deleted is what was read last.
     *
     * @param array<string, mixed> $shown as it is now
     */
    private function demand(Request $request, array $shown): void
    {
        $wanted = $request->headers->get('If-Match', '');
        if ('' === $wanted) {
            throw new Problem(428, 'Say which one you mean: If-Match with the ETag that came with it.');
        }
        if ('*' !== $wanted && !\in_array(self::mark($shown), array_map(trim(...), explode(',', $wanted)), true)) {
            throw new Problem(412, 'It was changed meanwhile. Read it again.');
        }
    }

    /**
     * @return array<mixed>
     */
    private static function sent(Request $request): array
    {
        $sent = Json::read($request->getContent(), self::LARGEST);
        if (array_is_list($sent) && [] !== $sent) {
            throw new Problem(422, 'Send an object.');
        }

        return $sent;
    }

    private static function whole(LooseData $asked, string $name, int $least, int $most, int $usual): int
    {
        $number = $asked->exact($name, $least, $most);
        if (null === $number && $asked->has($name)) {
            throw new Problem(400, \sprintf('%s is a whole number from %d to %d.', $name, $least, $most));
        }

        return $number ?? $usual;
    }

    /**
     * @param array<string, mixed> $shown
     */
    private static function mark(array $shown): string
    {
        return '"'.hash('xxh128', serialize($shown)).'"';
    }

    /**
     * @param array<string, mixed>  $document
     * @param array<string, string> $headers
     */
    private static function said(array $document, array $headers = []): JsonResponse
    {
        return JsonAnswer::of($document, $headers + ['Cache-Control' => 'private, no-cache']);
    }
}
