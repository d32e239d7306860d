<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Rinkel\App\Kept\Bin;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\KeptMembers;
use Rinkel\App\Workshop\Member;
use Rinkel\App\Workshop\Passwords;
use Rinkel\App\Workshop\Role;
use Rinkel\App\Workshop\SignIns;
use Rinkel\App\Workshop\Staff;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Workshop page: who works here, and who may what.
 */
#[Route('/workshop')]
final class WorkshopController extends AbstractController
{
    private const UID = ['uid' => '[0-9a-f]{32}'];

    public function __construct(
        private readonly Workshop $workshop,
        private readonly Staff $staff,
        private readonly SignIns $signIns,
        private readonly Deeds $deeds,
        private readonly Bin $bin,
        private readonly KeptMembers $kept,
    ) {}

    #[Route('', 'workshop', methods: 'GET')]
    public function show(): Response
    {
        return $this->page();
    }

    /**
     * Adds somebody, and shows the word by which they choose a password, once. With the second person everybody signs
     * in; whoever adds them becomes an owner, and is signed in here.
     */
    #[Route('', 'workshop_add', methods: 'POST')]
    #[ChangesNothing]
    public function add(Request $request): Response
    {
        $sent = LooseData::form($request);
        $typed = ['own' => $sent->text('own', 200), 'name' => $sent->text('name', 200), 'role' => $sent->raw('role')];
        $isFirst = [] === $this->workshop->members();
        $faults = $this->faults($typed, $isFirst) + ($isFirst
            ? array_filter(['password' => Passwords::fault($sent->raw('password'), $typed['own'])]) : []);
        if ([] !== $faults) {
            return $this->page($typed, $faults);
        }
        $role = Role::tryFrom($typed['role']) ?? Role::Helper;
        if (!$isFirst) {
            [$member, $word] = $this->staff->add($typed['name'], $role);
            $this->note($member);

            return $this->page(word: [$member->name(), $word]);
        }
        [$owner, $member, $word] = $this->staff->begin($typed['own'], $sent->raw('password'), $typed['name'], $role);
        $cookie = $this->signIns->signIn($owner, $request->isSecure());
        $response = $this->page(word: [$member->name(), $word], isBegun: true);
        $response->headers->setCookie($cookie);

        return $response;
    }

    #[Route('/{uid}', 'workshop_change', requirements: self::UID, methods: 'POST')]
    public function change(string $uid, Request $request): Response
    {
        $member = $this->workshop->find($uid) ?? throw $this->createNotFoundException();
        $sent = LooseData::form($request);
        $typed = ['name' => $sent->text('name', 200), 'role' => $sent->raw('role')];
        $role = Role::tryFrom($typed['role']) ?? $member->role();
        $faults = $this->faults($typed, false, $member);
        if (Role::Owner !== $role && $this->workshop->isLastOwner($member)) {
            $faults['role'] = new Message('member-last-owner');
        }
        if ([] !== $faults) {
            return $this->page($typed, $faults, of: $uid);
        }
        $this->workshop->change($member, $typed['name'], $role);

        return $this->redirectToRoute('workshop', status: Response::HTTP_SEE_OTHER);
    }

    /**
     * Signs somebody out everywhere and shows a new word for them, once.
     */
    #[Route('/{uid}/word', 'workshop_reinvite', requirements: self::UID, methods: 'POST')]
    #[ChangesNothing]
    public function reinvite(string $uid): Response
    {
        $member = $this->workshop->find($uid) ?? throw $this->createNotFoundException();
        if ($this->workshop->isLastOwner($member)) {
            return $this->page(faults: ['role' => new Message('member-last-owner')], of: $uid);
        }
        $word = $this->workshop->reinvite($member);
        $this->note($member);

        return $this->page(word: [$member->name(), $word]);
    }

    #[Route('/{uid}/remove', 'workshop_remove', requirements: self::UID, methods: 'POST')]
    public function remove(string $uid): Response
    {
        $member = $this->workshop->find($uid) ?? throw $this->createNotFoundException();
        if ($this->workshop->isLastOwner($member)) {
            return $this->page(faults: ['role' => new Message('member-last-owner')], of: $uid);
        }
        $this->bin->put($this->kept, $member);
        $this->staff->settle();

        return $this->redirectToRoute('workshop', status: Response::HTTP_SEE_OTHER);
    }

    /**
     * Notes who let whom in.
     */
    private function note(Member $member): void
    {
        $me = $this->workshop->me();
        if (null !== $me) {
            $this->deeds->note($me, 'let-in', '', $member->name());
        }
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, Message> by field
     */
    private function faults(array $typed, bool $withOwn, ?Member $of = null): array
    {
        $faults = [];
        foreach ($withOwn ? ['own', 'name'] : ['name'] as $field) {
            $name = $typed[$field] ?? '';
            $there = $this->workshop->named($name);
            if ('' === $name || mb_strlen($name) > Member::LONGEST) {
                $faults[$field] = new Message('member-name', ['most' => Member::LONGEST]);
            } elseif (null !== $there && $there !== $of) {
                $faults[$field] = new Message('member-taken');
            }
        }
        if ($withOwn && [] === $faults && Member::fold($typed['own']) === Member::fold($typed['name'])) {
            $faults['name'] = new Message('member-taken');
        }

        return $faults;
    }

    /**
     * @param array<string, string>      $typed
     * @param array<string, Message>     $faults by field
     * @param string                     $of     uid of the member whose form it was; "" of a new one
     * @param array{string, string}|null $word   whose it is, and it
     */
    private function page(
        array $typed = [],
        array $faults = [],
        string $of = '',
        ?array $word = null,
        bool $isBegun = false,
    ): Response {
        return $this->render('workshop/workshop.html.twig', [
            'members' => $this->workshop->members(),
            'is_on' => $this->workshop->isOn(),
            'is_begun' => $isBegun,
            'roles' => Role::cases(),
            'typed' => $typed + ['own' => '', 'name' => '', 'role' => Role::Maker->value],
            'faults' => $faults,
            'of' => $of,
            'word' => $word,
            'hours' => Workshop::HOURS,
            'least' => Passwords::LEAST,
            'deeds' => $this->deeds->page('', 1),
        ], new Response(
            status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
            headers: ['Cache-Control' => 'no-store'],
        ));
    }
}
