<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customer;

use App\Http\Requests\Asked;
use App\Interchange\Customers\CustomerFile;
use App\Models\Customer;
use App\Models\Rig;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Customers\CustomerDraft;
use App\UseCases\Customers\Erasure;
use App\UseCases\Customers\KeepCustomer;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Whose rigs they are: kept with their consent, handed out to them, erased when they ask. */
final class Customers
{
    private const SHOWN = 200;

    public function index(Asked $request): View
    {
        $find = mb_substr(trim($request->text('find')), 0, 60);
        $like = '%'.str_replace(['%', '_'], '', $find).'%';

        return view('customers.index', [
            'find' => $find,
            'customers' => Customer::query()
                ->with(['rigs.vehicle', 'rigs.trailer'])
                ->when(
                    $find !== '',
                    static fn ($customers) => $customers->where('name', 'like', $like)->orWhere('phone', 'like', $like),
                )
                ->orderBy('name')
                ->limit(self::SHOWN)
                ->get(),
        ]);
    }

    public function create(Asked $request): View
    {
        return view('customers.edit', [
            'customer' => new Customer(),
            'rig' => Rig::query()
                ->with(['vehicle', 'trailer'])
                ->find($request->whole('rig')),
        ]);
    }

    public function edit(Customer $customer): View
    {
        return view('customers.edit', [
            'customer' => $customer->load(['rigs.vehicle', 'rigs.trailer', 'agreedWith']),
            'rig' => null,
        ]);
    }

    public function store(Asked $request, KeepCustomer $customers): RedirectResponse
    {
        $draft = new CustomerDraft($request->typed());
        $rig = Rig::query()->find($request->whole('rig'));
        if ($draft->problems() !== []) {
            return redirect()
                ->route('customers.create', $rig === null ? [] : ['rig' => $rig->id])
                ->withInput($request->typed())
                ->withErrors($draft->problems());
        }
        $customer = $customers->kept($request->person(), $draft, new Customer(), $rig);

        return redirect()->route('customers.edit', $customer)->with('saved', Text::of('customer.saved'));
    }

    public function update(Asked $request, KeepCustomer $customers, Customer $customer): RedirectResponse
    {
        $draft = new CustomerDraft($request->typed());
        if ($draft->problems() !== []) {
            return redirect()
                ->route('customers.edit', $customer)
                ->withInput($request->typed())
                ->withErrors($draft->problems());
        }
        $customers->kept($request->person(), $draft, $customer);

        return redirect()->route('customers.edit', $customer)->with('saved', Text::of('customer.saved'));
    }

    /** A rig is theirs, or nobody's. */
    public function assign(Asked $request, KeepCustomer $customers, Rig $rig): RedirectResponse
    {
        $customer =
            $request->text('customer') === '' ? null : Customer::query()->findOrFail($request->whole('customer'));
        $customers->assigned($request->person(), $rig, $customer);

        return redirect()->route('log.rig', $rig)->with('saved', Text::of('customer.saved'));
    }

    public function file(Asked $request, AuditLog $deeds, Customer $customer): JsonResponse
    {
        $deeds->record(AuditEvent::CustomerExported, $request->person(), ['customer' => $customer->id]);

        return new JsonResponse(
            (new CustomerFile($customer))->toArray(),
            200,
            ['Content-Disposition' => "attachment; filename=\"customer-{$customer->id}.json\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
        );
    }

    public function erase(Asked $request, AuditLog $deeds, Erasure $erasure, Customer $customer): RedirectResponse
    {
        if ($request->text('sure') !== '1') {
            return redirect()
                ->route('customers.edit', $customer)
                ->withErrors(['sure' => Text::of('customer.expected_sure')]);
        }
        $deeds->record(AuditEvent::CustomerErased, $request->person(), ['customer' => $customer->id]);
        $erasure->of($customer);

        return redirect()->route('customers')->with('saved', Text::of('customer.erased'));
    }
}
