@php($roles = ['owner' => __('page/people.team.owner'), 'fitter' => __('page/people.team.fitter'), 'desk' => __('page/people.team.desk')])
<x-layout :title="__('page/people.team.title')" here="account">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/people.team.title') }}</h1><x-shop-tabs on="people" /></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        @if ($handed = session('handed'))
            <div class="do-next is-in-range" role="status">
                <p>{{ $handed['kind'] === 'reset' ? __('page/people.team.reset_link_for', ['name' => $handed['name']]) : __('page/people.team.link_for', ['name' => $handed['name']]) }}</p>
                <input class="link-out" readonly value="{{ $handed['link'] }}" aria-label="{{ __('page/people.team.link') }}">
            </div>
        @endif
        <div class="card overflow-x-auto"><table class="log">
            <thead><tr><th scope="col">{{ __('page/people.team.name') }}</th><th scope="col">{{ __('page/people.team.seen') }}</th><th scope="col">{{ __('page/people.team.role') }}</th><th scope="col"></th></tr></thead>
            <tbody>
                @foreach ($people as $one)
                    <tr>
                        <th scope="row">{{ $one->name }}<br><span class="who">{{ $one->email }}</span></th>
                        <td>{{ $one->sign_ins_max_seen_at === null ? __('page/people.team.never_came') : \Illuminate\Support\Facades\Date::parse($one->sign_ins_max_seen_at)->isoFormat('D MMM YYYY HH:mm') }}</td>
                        @if ($one->is($person))
                            <td>{{ $roles[$one->role->value] }}, {{ __('page/people.team.you') }}</td><td></td>
                        @else
                            <td><form method="post" action="{{ route('people.role', $one) }}" class="row-form">@csrf<select name="role" aria-label="{{ __('page/people.team.role_of', ['name' => $one->name]) }}">@foreach ($roles as $role => $called)<option value="{{ $role }}" @selected(($one->role_standing !== null && isset($roles[$one->role_standing]) ? $one->role_standing : $one->role->value) === $role)>{{ $called }}</option>@endforeach</select><button class="button is-small" aria-label="{{ __('page/people.team.change_role', ['name' => $one->name]) }}">{{ $one->role_standing === null ? __('page/people.team.change') : __('page/people.team.confirm') }}</button></form>@if (isset($roles[$one->role_standing ?? '']))<span class="who">{{ __('page/people.team.says_to_be', ['role' => $roles[$one->role_standing]]) }}</span>@endif</td>
                            <td><div class="row-form"><form method="post" action="{{ route('people.link', $one) }}">@csrf<button class="button is-small" aria-label="{{ __('page/people.team.new_link_for', ['name' => $one->name]) }}">{{ __('page/people.team.new_link') }}</button></form><form method="post" action="{{ route('people.let-go', $one) }}">@csrf<button class="button is-small" aria-label="{{ __('page/people.team.let_go_of', ['name' => $one->name]) }}">{{ __('page/people.team.let_go') }}</button></form></div></td>
                        @endif
                    </tr>
                @endforeach
            </tbody>
        </table></div>
        <form method="post" action="{{ route('people.invite') }}" class="card padded" novalidate data-needs-connection>
            @csrf
            <x-from-here />
            <h2 class="text-xl">{{ __('page/people.team.invite') }}</h2>
            <div class="three-fields">
                <x-asked name="name" :label="__('page/people.team.name')" />
                <x-asked name="email" type="email" :label="__('page/people.team.e_mail')" />
                <div class="field">
                    <label for="role">{{ __('page/people.team.role') }}</label>
                    <select id="role" name="role" aria-describedby="role-says">@foreach (['fitter', 'desk', 'owner'] as $role)<option value="{{ $role }}" @selected(old('role') === $role)>{{ $roles[$role] }}</option>@endforeach</select>
                    <p class="sentence" id="role-says" data-tone="stop">@error('role'){{ $message }}@enderror</p>
                </div>
            </div>
            <p class="sentence">{{ __('page/people.team.roles_are') }}</p>
            <button class="button is-first">{{ __('page/people.team.make_invitation') }}</button>
        </form>
        @if ($gone->isNotEmpty())
            <section class="card overflow-x-auto" aria-labelledby="gone"><h2 class="text-xl padded" id="gone">{{ __('page/people.team.gone') }}</h2><table class="log"><tbody>
                @foreach ($gone as $one)
                    <tr><th scope="row">{{ $one->name }}</th><td>{{ __('page/people.team.left_on', ['day' => $one->left_at->isoFormat('D MMM YYYY')]) }}</td><td>@can('manage', $one)<form method="post" action="{{ route('people.take-back', $one) }}">@csrf<button class="button is-small" aria-label="{{ __('page/people.team.take_back_who', ['name' => $one->name]) }}">{{ __('page/people.team.take_back') }}</button></form>@endcan</td></tr>
                @endforeach
            </tbody></table></section>
        @endif
    </main>
</x-layout>
