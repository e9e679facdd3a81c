<x-layout :title="$model->name ?? __('page/garage.edit.new', ['value' => \App\Words\SpecificationWords::part($part)])" here="garage">
    <main class="part">
        <form method="post" class="part-form" novalidate @if ($model->exists) action="{{ route('garage.update', [$part->value, $model->id]) }}" data-sheet data-preview="{{ route('garage.preview', [$part->value, $model->id]) }}" @else action="{{ route('garage.store', $part->value) }}" @endif>
            @csrf
            <div class="yard-head">
                <h1>{{ $model->exists ? \Illuminate\Support\Str::ucfirst(\App\Words\SpecificationWords::part($part)) : __('page/garage.edit.new', ['value' => \App\Words\SpecificationWords::part($part)]) }}</h1>
                <span class="saved-at" role="status" data-saved-at>{{ session('saved') }}</span>
                <button class="button is-first">{{ __('page/garage.edit.save_specification') }}</button>
            </div>
            @if ($errors->any())
                <p class="do-next is-over" role="alert">{{ session('saved') ? trans_choice('page/garage.edit.another_look_the_rest_is_saved', $errors->count()) : trans_choice('page/garage.edit.another_look_everything_you_typed', $errors->count()) }}</p>
            @endif
            @foreach ($form->groups() as [$group, $fields])
                <fieldset class="card group">
                    <legend>{{ \App\Words\SpecificationWords::group($part, $group) }}</legend>
                    <div class="fields">
                        @if ($loop->first)<x-typed name="name" :label="__('page/garage.edit.name')" :value="old('name', $model->name)" />@endif
                        @foreach ($fields as $field)
                            @if ($field->kind === \Yoke\Rig\Specification\FieldKind::Choice)
                                <x-picked :name="$field->key" :label="\App\Words\SpecificationWords::label($part, $field->key)" :options="($loop->parent->first ? [] : ['' => __('page/garage.edit.not_known')]) + \App\Words\SpecificationWords::options($part, $field->key)" :chosen="$form->shown($field)" />
                            @else
                                <x-typed :name="$field->key" :label="\App\Words\SpecificationWords::label($part, $field->key)" :value="old($field->key, $form->shown($field))" :hint="\App\Words\SpecificationWords::hint($part, $field->key)" inputmode="text" />
                            @endif
                        @endforeach
                    </div>
                </fieldset>
            @endforeach
        </form>
        <aside class="part-plan card" aria-label="{{ __('page/garage.edit.plan') }}" data-part="plan">@include('garage.plan')</aside>
    </main>
</x-layout>
